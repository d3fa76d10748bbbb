package org.eskarn.app.calculator;

/**
 * What only one calculator shows, by a template of its own.
 *
 * @param template where it stands, as calculator/shop
 * @param fragment of it
 * @param it what is shown
 */
public record Shown(String template, String fragment, Object it) {}
