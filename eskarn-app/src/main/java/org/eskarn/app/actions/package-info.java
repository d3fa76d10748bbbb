/** The log of actions: who changed which account, gauge, part or rule, and when. */
package org.eskarn.app.actions;
