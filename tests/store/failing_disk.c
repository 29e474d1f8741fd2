/* SPDX-License-Identifier: GPL-3.0-or-later
 * A disk that gives out, preloaded before the C library: counts what a program writes, syncs, renames and removes, and at the
 * DOWEL_FAULT_AT-th of these, by DOWEL_FAULT, kills the program before it ("kill"), after half of a write ("torn"), or lets the
 * call and every later write fail as a full disk does ("full"). DOWEL_FAULT_COUNT names a file that the count is left in. Files
 * outside DOWEL_FAULT_FOLDER are not looked at. "plain" is a file system without nameless files and links, "bare" one that
 * cannot rename without replacing either. */
#define _GNU_SOURCE
#include <dlfcn.h>
#include <errno.h>
#include <fcntl.h>
#include <limits.h>
#include <signal.h>
#include <stdarg.h>
#include <stdio.h>
#include <stdlib.h>
#include <string.h>
#include <sys/types.h>
#include <unistd.h>

static int count = 0;
static int full = 0;

static int counted(const char* path)
{
    const char* folder = getenv("DOWEL_FAULT_FOLDER");
    return folder != NULL && path != NULL && strncmp(path, folder, strlen(folder)) == 0;
}

static int counted_fd(int fd)
{
    char link[64];
    char path[PATH_MAX + 1];
    snprintf(link, sizeof link, "/proc/self/fd/%d", fd);
    const ssize_t n = readlink(link, path, PATH_MAX);
    if (n <= 0)
        return 0;
    path[n] = '\0';
    return counted(path);
}

enum verdict { GO_ON, TEAR, FAIL };

static enum verdict next(void)
{
    const char* at = getenv("DOWEL_FAULT_AT");
    const char* how = getenv("DOWEL_FAULT");
    if (at == NULL || how == NULL)
        return GO_ON;
    ++count;
    const char* left = getenv("DOWEL_FAULT_COUNT");
    if (left != NULL) {
        FILE* f = fopen(left, "w");
        if (f != NULL) {
            fprintf(f, "%d\n", count);
            fclose(f);
        }
    }
    if (full)
        return FAIL;
    if (count != atoi(at))
        return GO_ON;
    if (strcmp(how, "kill") == 0)
        kill(getpid(), SIGKILL);
    if (strcmp(how, "torn") == 0)
        return TEAR;
    if (strcmp(how, "full") != 0)
        return GO_ON;
    full = 1;
    return FAIL;
}

#define REAL(type, name, ...)                                                                                                    \
    static type (*real)(__VA_ARGS__) = NULL;                                                                                     \
    if (real == NULL)                                                                                                            \
    real = (type(*)(__VA_ARGS__))dlsym(RTLD_NEXT, name)

ssize_t write(int fd, const void* data, size_t size)
{
    REAL(ssize_t, "write", int, const void*, size_t);
    if (!counted_fd(fd))
        return real(fd, data, size);
    switch (next()) {
    case TEAR:
        (void)real(fd, data, size / 2);
        kill(getpid(), SIGKILL);
        break;
    case FAIL: errno = ENOSPC; return -1;
    case GO_ON: break;
    }
    return real(fd, data, size);
}

#define PWRITE(name, offset)                                                                                                     \
    ssize_t name(int fd, const void* data, size_t size, offset at)                                                               \
    {                                                                                                                            \
        REAL(ssize_t, #name, int, const void*, size_t, offset);                                                                  \
        if (!counted_fd(fd))                                                                                                     \
            return real(fd, data, size, at);                                                                                     \
        switch (next()) {                                                                                                        \
        case TEAR:                                                                                                               \
            (void)real(fd, data, size / 2, at);                                                                                  \
            kill(getpid(), SIGKILL);                                                                                             \
            break;                                                                                                               \
        case FAIL: errno = ENOSPC; return -1;                                                                                    \
        case GO_ON: break;                                                                                                       \
        }                                                                                                                        \
        return real(fd, data, size, at);                                                                                         \
    }
PWRITE(pwrite, off_t)
PWRITE(pwrite64, off64_t)

#define ON_FD(name)                                                                                                              \
    int name(int fd)                                                                                                             \
    {                                                                                                                            \
        REAL(int, #name, int);                                                                                                   \
        if (counted_fd(fd) && next() != GO_ON) {                                                                                 \
            if (!full)                                                                                                           \
                kill(getpid(), SIGKILL);                                                                                         \
            errno = EIO;                                                                                                         \
            return -1;                                                                                                           \
        }                                                                                                                        \
        return real(fd);                                                                                                         \
    }
ON_FD(fsync)
ON_FD(fdatasync)

#define TRUNCATE(name, offset)                                                                                                   \
    int name(int fd, offset size)                                                                                                \
    {                                                                                                                            \
        REAL(int, #name, int, offset);                                                                                           \
        if (counted_fd(fd) && next() == TEAR)                                                                                    \
            kill(getpid(), SIGKILL);                                                                                             \
        return real(fd, size);                                                                                                   \
    }
TRUNCATE(ftruncate, off_t)
TRUNCATE(ftruncate64, off64_t)

static int is(const char* what)
{
    const char* how = getenv("DOWEL_FAULT");
    return how != NULL && strcmp(how, what) == 0;
}

int open(const char* path, int flags, ...)
{
    REAL(int, "open", const char*, int, ...);
    va_list rest;
    va_start(rest, flags);
    const mode_t mode = (flags & (O_CREAT | O_TMPFILE)) != 0 ? va_arg(rest, mode_t) : 0;
    va_end(rest);
    if ((flags & O_TMPFILE) == O_TMPFILE && (is("plain") || is("bare"))) {
        errno = EOPNOTSUPP;
        return -1;
    }
    return real(path, flags, mode);
}

int renameat2(int from_folder, const char* from, int to_folder, const char* to, unsigned int flags)
{
    REAL(int, "renameat2", int, const char*, int, const char*, unsigned int);
    if (is("bare")) {
        errno = EINVAL;
        return -1;
    }
    return real(from_folder, from, to_folder, to, flags);
}

int unlink(const char* path)
{
    REAL(int, "unlink", const char*);
    if (counted(path) && next() == TEAR)
        kill(getpid(), SIGKILL);
    return real(path);
}

int rename(const char* from, const char* to)
{
    REAL(int, "rename", const char*, const char*);
    if (counted(to) && next() == TEAR)
        kill(getpid(), SIGKILL);
    return real(from, to);
}

int linkat(int from_folder, const char* from, int to_folder, const char* to, int flags)
{
    REAL(int, "linkat", int, const char*, int, const char*, int);
    if (is("plain") || is("bare")) {
        errno = EPERM;
        return -1;
    }
    if (counted(to) && next() == TEAR)
        kill(getpid(), SIGKILL);
    return real(from_folder, from, to_folder, to, flags);
}
