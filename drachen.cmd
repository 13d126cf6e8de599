@echo off
rem Drachen on Windows: builds itself when needed and runs. Wants Java 17 or newer and Maven 3.8 or newer on the path.
setlocal
set "HOME_DIR=%~dp0"
set "APP=%HOME_DIR%desktop\target\app"
if not exist "%APP%\drachen-desktop.jar" (
  where mvn >nul 2>nul || (echo Please install Java 17 and Maven 3.8 or newer. & exit /b 2)
  echo Building Drachen
  pushd "%HOME_DIR%"
  call mvn -q -B -ntp -DskipTests -Dmaven.test.skip=true package || (popd & exit /b 2)
  popd
)
if "%~1"=="test" (
  pushd "%HOME_DIR%"
  call mvn -B -ntp verify spotless:check
  popd
  exit /b %ERRORLEVEL%
)
java -Ddrachen.app="%APP%" -XX:+UseSerialGC --module-path "%APP%\fx" --add-modules javafx.controls ^
  -cp "%APP%\drachen-desktop.jar;%APP%\*" app.drachen.desktop.app.Main %*
exit /b %ERRORLEVEL%
