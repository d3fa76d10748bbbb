/** Signing, the chain of signed documents and their checks, the sheet. */
package org.eskarn.app.ledger;
