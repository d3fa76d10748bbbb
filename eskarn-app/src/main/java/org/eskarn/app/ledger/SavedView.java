package org.eskarn.app.ledger;

/**
 * What a person looks for in the Ledger again and again.
 *
 * @param query as it follows the address of the Ledger
 */
public record SavedView(long id, String name, String query) {}
