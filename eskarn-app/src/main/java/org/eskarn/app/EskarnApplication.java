package org.eskarn.app;

import org.apache.ibatis.annotations.Mapper;
import org.mybatis.spring.annotation.MapperScan;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/** What belongs to a running Eskarn. */
@SpringBootApplication
@MapperScan(basePackageClasses = EskarnApplication.class, annotationClass = Mapper.class)
public class EskarnApplication {}
