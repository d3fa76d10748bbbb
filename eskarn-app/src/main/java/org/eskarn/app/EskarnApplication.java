package org.eskarn.app;

import java.nio.file.Path;
import java.util.Arrays;
import org.apache.ibatis.annotations.Mapper;
import org.mybatis.spring.annotation.MapperScan;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

@SpringBootApplication
@MapperScan(basePackageClasses = EskarnApplication.class, annotationClass = Mapper.class)
public class EskarnApplication {

    public static void main(String[] arguments) {
        if (arguments.length > 1 && arguments[0].equals("verify")) {
            System.exit(VerifyCommand.run(Arrays.copyOfRange(arguments, 1, arguments.length), System.out));
        }
        if (arguments.length == 2 && arguments[0].equals("new-key")) {
            System.exit(NewKeyCommand.run(Path.of(arguments[1]), System.out));
        }
        SpringApplication.run(EskarnApplication.class, arguments);
    }
}
