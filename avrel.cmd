@echo off
rem The front door of Avrel on Windows: builds when there is no build yet, and runs what is asked. Not tried on a machine.
setlocal enabledelayedexpansion
set "home=%~dp0"
if "%JAVA_HOME%"=="" (
  echo Avrel needs a JDK 25 or newer. Install one and set JAVA_HOME to where it is. 1>&2
  exit /b 2
)
for /f "tokens=3 delims=<>" %%v in ('findstr /b /c:"  <version>" "%home%pom.xml"') do set "version=%%v"
if not exist "%home%desktop\target\avrel-desktop-%version%.jar" (
  echo Building Avrel ^(the first time this fetches its libraries^)... 1>&2
  pushd "%home%"
  set "mvn=mvn"
  where mvn >nul 2>&1 || set "mvn=mvnw.cmd"
  call !mvn! --batch-mode --quiet --projects .,core,files,cli,desktop install -DskipTests || exit /b 1
  popd
)
set "fx="
set "rest="
for %%j in ("%home%desktop\target\lib\*.jar") do (
  echo %%~nj| findstr /r "^javafx-.*-win" >nul && set "fx=!fx!;%%j"
  echo %%~nj| findstr /b "javafx-" >nul || set "rest=!rest!;%%j"
)
set "own=%home%desktop\target\avrel-desktop-%version%.jar;%home%core\target\avrel-core-%version%.jar;%home%files\target\avrel-files-%version%.jar;%home%cli\target\avrel-cli-%version%.jar"
set "what=%*"
if "%what%"=="" set "what=demo"
"%JAVA_HOME%\bin\java" -XX:+UseSerialGC --enable-native-access=javafx.graphics --module-path "%fx:~1%" ^
  --add-modules javafx.controls,javafx.swing -classpath "%own%%rest%" app.avrel.desktop.door.Main %what%
exit /b %errorlevel%
