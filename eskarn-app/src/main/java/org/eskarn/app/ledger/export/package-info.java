/** The record for other programs: rows for tables, and pictures. */
package org.eskarn.app.ledger.export;
