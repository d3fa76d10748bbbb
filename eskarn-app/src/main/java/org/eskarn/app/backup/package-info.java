/** Backups: one file that holds the records, the key and the heads; made while the server runs, checked by opening, put back. */
package org.eskarn.app.backup;
