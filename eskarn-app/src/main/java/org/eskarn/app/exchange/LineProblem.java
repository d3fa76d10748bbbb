package org.eskarn.app.exchange;

/**
 * What is wrong with a line of a file.
 *
 * @param line from 1; 0 for the file as a whole
 */
public record LineProblem(int line, String sentence) {}
