package org.eskarn.app.part;

/** What a drawing number and revision describe. */
public record Part(long id, String drawingNumber, String revision, String title, String material) {}
