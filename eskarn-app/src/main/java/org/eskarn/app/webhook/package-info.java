/** Other programs are told when a docket is signed. */
package org.eskarn.app.webhook;
