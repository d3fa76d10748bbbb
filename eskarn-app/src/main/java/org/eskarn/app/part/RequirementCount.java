package org.eskarn.app.part;

record RequirementCount(long partId, int requirements) {}
