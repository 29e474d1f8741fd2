// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/parts/pages.h"

#include "moc_pages.cpp"
