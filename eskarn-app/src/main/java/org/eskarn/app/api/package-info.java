/** What other programs may ask and send: JSON over HTTP, by the same rules and locks as the pages. */
package org.eskarn.app.api;
