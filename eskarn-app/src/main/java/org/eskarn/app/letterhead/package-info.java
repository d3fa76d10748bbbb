/** What stands at the head of paper that leaves the works. */
package org.eskarn.app.letterhead;
