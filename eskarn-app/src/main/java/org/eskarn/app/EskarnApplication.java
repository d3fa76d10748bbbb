package org.eskarn.app;

import org.apache.ibatis.annotations.Mapper;
import org.mybatis.spring.annotation.MapperScan;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

@SpringBootApplication
@MapperScan(basePackageClasses = EskarnApplication.class, annotationClass = Mapper.class)
public class EskarnApplication {

    public static void main(String[] arguments) {
        SpringApplication.run(EskarnApplication.class, arguments);
    }
}
