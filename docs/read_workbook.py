#!/usr/bin/env python3
# SPDX-License-Identifier: GPL-3.0-or-later
"""Reads a workbook's readings and cuts by docs/formats.md alone, with nothing of Dowel. usage: read_workbook.py BOOK.dowel"""
import json
import sqlite3
import sys


def read(path):
    with open(path, "rb") as file:
        head = file.read(100)
    if head[:16] != b"SQLite format 3\0" or head[68:72] != b"DOWL":
        raise SystemExit(f"{path} is no workbook")
    book = sqlite3.connect(f"file:{path}?mode=ro&immutable=1", uri=True)
    spec = json.loads(book.execute("SELECT json FROM specification WHERE id = 1").fetchone()[0])
    entries = [(i, at, kind, json.loads(body)) for i, at, kind, body in
               book.execute("SELECT id, at, kind, body FROM entry ORDER BY id")]
    standing = {i: True for i, *_ in entries}
    targets = {i: body["entry"] for i, _, kind, body in entries if kind == "set_aside"}
    for entry in targets:  # what sets aside something that sets aside brings it back
        turned = targets[entry]
        while turned in targets:
            turned = targets[turned]
        standing[turned] = not standing[turned]
    readings = [{"entry": i, "at": at, "fingering": body["fingering"], "hz": body["hz"], "sd_cents": body["sd_cents"],
                 "celsius": body["celsius"]} for i, at, kind, body in entries if kind == "reading" and standing[i]]
    cuts = [{"entry": i, "at": at, "cut": body["cut"], "from_mm": body["from_mm"]}
            for i, at, kind, body in entries if kind == "cut" and standing[i]]
    return {"name": spec.get("name", ""), "readings": readings, "cuts": cuts}


if __name__ == "__main__":
    json.dump(read(sys.argv[1]), sys.stdout, indent=1)
