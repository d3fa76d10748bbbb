/** What became of one piece, and what was read with one gauge or by one person, over the years. */
package org.eskarn.app.docket.history;
