// SPDX-License-Identifier: GPL-3.0-or-later
// A folder of its own in which dowel-cli is run, and what it answered.
#pragma once

#include "cli/commands.h"
#include "io/json_reader.h"

#include <QFile>
#include <QTemporaryDir>
#include <sstream>
#include <string>
#include <vector>

namespace dowel {

struct Answer
{
    int status;
    io::Json json;
    std::string words;
    [[nodiscard]] std::string code() const { return json["error"]["code"].get<std::string>(); }
    [[nodiscard]] std::string where() const { return json["error"]["where"].get<std::string>(); }
};

class CliBench
{
public:
    [[nodiscard]] QString folder() const { return m_dir.path(); }
    /// A name in the folder that was not given before.
    std::string place(const char* name)
    {
        return m_dir.filePath(QString::number(++m_count) + QString::fromLatin1(name)).toStdString();
    }
    std::string write(const char* name, const QByteArray& content)
    {
        const std::string path = place(name);
        QFile f(QString::fromStdString(path));
        if (!f.open(QIODevice::WriteOnly) || f.write(content) != content.size())
            qFatal("%s", path.c_str());
        return path;
    }
    std::string write(const char* name, const std::string& content) { return write(name, QByteArray::fromStdString(content)); }
    std::string write(const char* name, const char* content) { return write(name, QByteArray(content)); }
    static Answer run(const std::vector<std::string>& arguments)
    {
        std::ostringstream out;
        std::ostringstream err;
        const int status = cli::run(arguments, out, err);
        return {status, io::Json::parse(out.str(), nullptr, false), err.str()};
    }

private:
    QTemporaryDir m_dir;
    int m_count = 0;
};

} // namespace dowel
