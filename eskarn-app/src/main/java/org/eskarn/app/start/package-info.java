/** How Eskarn is started, and what it says when it cannot. */
package org.eskarn.app.start;
