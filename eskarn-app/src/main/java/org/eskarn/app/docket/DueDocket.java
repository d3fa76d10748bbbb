package org.eskarn.app.docket;

import java.time.LocalDate;

/** A docket in hand and when it is due. */
public record DueDocket(int number, String part, String serial, LocalDate due) {}
