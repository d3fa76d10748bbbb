/** The installation itself: its settings, its log of actions, its backups. */
package org.eskarn.app.works;
