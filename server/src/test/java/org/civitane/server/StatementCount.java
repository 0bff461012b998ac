package org.civitane.server;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Proxy;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.concurrent.atomic.AtomicInteger;
import javax.sql.DataSource;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.context.annotation.Bean;
import org.springframework.jdbc.datasource.DelegatingDataSource;

/** Counts the statements that the calling thread prepares, and how often it takes a connection. */
@TestConfiguration(proxyBeanMethods = false)
class StatementCount {
    private static final ThreadLocal<AtomicInteger> COUNT = ThreadLocal.withInitial(AtomicInteger::new);
    private static final ThreadLocal<AtomicInteger> CONNECTIONS = ThreadLocal.withInitial(AtomicInteger::new);

    static int during(Runnable work) {
        COUNT.get().set(0);
        work.run();
        return COUNT.get().get();
    }

    static int connectionsDuring(Runnable work) {
        CONNECTIONS.get().set(0);
        work.run();
        return CONNECTIONS.get().get();
    }

    @Bean
    static BeanPostProcessor counting() {
        return new BeanPostProcessor() {
            @Override
            public Object postProcessAfterInitialization(Object bean, String name) {
                return bean instanceof DataSource source && name.equals("dataSource") ? new Counting(source) : bean;
            }
        };
    }

    private static final class Counting extends DelegatingDataSource {
        Counting(DataSource source) {
            super(source);
        }

        @Override
        public Connection getConnection() throws SQLException {
            CONNECTIONS.get().incrementAndGet();
            Connection connection = super.getConnection();
            return (Connection) Proxy.newProxyInstance(
                    Connection.class.getClassLoader(),
                    new Class<?>[] {Connection.class},
                    (proxy, method, arguments) -> {
                        if (method.getName().equals("prepareStatement")) {
                            COUNT.get().incrementAndGet();
                        }
                        try {
                            return method.invoke(connection, arguments);
                        } catch (InvocationTargetException e) {
                            throw e.getCause();
                        }
                    });
        }
    }
}
