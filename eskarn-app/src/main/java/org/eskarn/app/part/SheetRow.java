package org.eskarn.app.part;

record SheetRow(WorkKind workKind, int version) {}
