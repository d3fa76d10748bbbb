package org.eskarn.app.storage;

import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import javax.sql.DataSource;
import org.springframework.jdbc.datasource.ConnectionHolder;
import org.springframework.jdbc.support.JdbcTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.TransactionSystemException;
import org.springframework.transaction.support.DefaultTransactionStatus;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Commits and then forces the file to disk before anybody is told that a change was kept. A reading that a page has
 * shown survives a killed server and a power cut.
 */
class DurableTransactionManager extends JdbcTransactionManager {

    private static final long serialVersionUID = 1L;

    private final Database database;
    private final transient SharedForce force = new SharedForce();
    private final transient Room room;

    DurableTransactionManager(DataSource dataSource, Database database, Room room) {
        super(dataSource);
        this.database = database;
        this.room = room;
    }

    @Override
    protected void doBegin(Object transaction, TransactionDefinition definition) {
        if (!definition.isReadOnly()) {
            room.require();
        }
        super.doBegin(transaction, definition);
    }

    @Override
    protected void doCommit(DefaultTransactionStatus status) {
        super.doCommit(status);
        // A server forces its log to disk before it answers a commit.
        if (!status.isReadOnly() && !database.onServer()) {
            forceToDisk();
        }
    }

    private void forceToDisk() {
        ConnectionHolder holder = (ConnectionHolder) TransactionSynchronizationManager.getResource(obtainDataSource());
        if (holder == null) {
            throw new IllegalStateException("a commit without a connection");
        }
        try {
            force.ask(() -> force(holder.getConnection()));
        } catch (SQLException e) {
            throw new TransactionSystemException("The change could not be forced to disk", e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new TransactionSystemException("It is not known whether the change was forced to disk", e);
        }
    }

    private static void force(Connection connection) throws SQLException {
        try (Statement statement = connection.createStatement()) {
            statement.execute("CHECKPOINT SYNC");
        }
    }
}
