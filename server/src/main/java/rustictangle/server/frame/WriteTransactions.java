package rustictangle.server.frame;

import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.AbstractPlatformTransactionManager;
import org.springframework.transaction.support.DefaultTransactionStatus;

/** Every transaction writes, and takes its turn as the one writer; whoever only reads needs none. */
@Component
class WriteTransactions extends AbstractPlatformTransactionManager {

    private static final long serialVersionUID = 1L;
    private final transient DataFile data;

    WriteTransactions(DataFile data) {
        this.data = data;
        setTransactionSynchronization(SYNCHRONIZATION_NEVER);
        setRollbackOnCommitFailure(true);
    }

    @Override
    protected Object doGetTransaction() {
        return data;
    }

    @Override
    protected boolean isExistingTransaction(Object transaction) {
        return data.writing();
    }

    @Override
    protected void doBegin(Object transaction, TransactionDefinition definition) {
        data.begin();
    }

    @Override
    protected void doCommit(DefaultTransactionStatus status) {
        data.commit();
    }

    @Override
    protected void doRollback(DefaultTransactionStatus status) {
        data.rollback();
    }

    @Override
    protected void doSetRollbackOnly(DefaultTransactionStatus status) {
        data.markFailed();
    }

    @Override
    protected void doCleanupAfterCompletion(Object transaction) {
        data.end();
    }
}
