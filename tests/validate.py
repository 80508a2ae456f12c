#!/usr/bin/env python3
"""Validates JSON files against the project's schemas: validate.py SCHEMA_DIR (NAME FILE)..."""
import json
import sys

from jsonschema import Draft202012Validator

folder, pairs = sys.argv[1], sys.argv[2:]
problems = 0
for name, path in zip(pairs[::2], pairs[1::2]):
    with open(f"{folder}/{name}.schema.json", encoding="utf-8") as file:
        schema = json.load(file)
    Draft202012Validator.check_schema(schema)
    with open(path, encoding="utf-8") as file:
        value = json.load(file)
    for error in Draft202012Validator(schema).iter_errors(value):
        print(f"{path}: {error.json_path}: {error.message[:200]}")
        problems += 1
sys.exit(1 if problems else 0)
