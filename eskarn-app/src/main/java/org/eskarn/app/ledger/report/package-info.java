/** Reports for paper, made from signed documents; long ones in the background. */
package org.eskarn.app.ledger.report;
