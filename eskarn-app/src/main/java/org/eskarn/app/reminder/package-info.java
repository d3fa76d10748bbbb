/** What falls due, as a calendar that others subscribe to and as a mail each day. */
package org.eskarn.app.reminder;
