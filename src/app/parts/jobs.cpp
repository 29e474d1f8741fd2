// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/parts/jobs.h"

#include "moc_jobs.cpp"
