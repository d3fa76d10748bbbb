/**
 * The signed document, {@code eskarn-docket/1}: its shape, its canonical form, and how it is told whether one still holds. It
 * knows no database and no page; {@code eskarn-docket-1.schema.json} in the resources describes it to other programs.
 */
@org.jspecify.annotations.NullMarked
package org.eskarn.app.ledger.document;
