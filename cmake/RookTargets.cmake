# The three kinds of target that this project has, each made by one function, so that warnings,
# sanitizers and test registration have one home.

function(rook_set_warnings target)
    target_compile_options(${target} PRIVATE -Wall -Wextra -Wpedantic -Wshadow -Wnon-virtual-dtor
        -Woverloaded-virtual -Werror=switch)
    # The house compiler is GCC; what clang finds besides is for reading.
    if(NOT ROOK_FUZZ)
        target_compile_options(${target} PRIVATE -Werror)
    endif()
    # GCC 12 warns of overlap inside its own std::string operator+ (GCC bug 105651).
    target_compile_options(${target} PRIVATE -Wno-restrict)
endfunction()

function(rook_set_options target)
    rook_set_warnings(${target})
    if(ROOK_SANITIZE)
        target_compile_options(${target} PRIVATE -O1 -g1 -fsanitize=address -fno-omit-frame-pointer)
        # What is used after its block has ended is watched for in the inner loops alone: to mark every
        # value that lives for a line takes longer to compile than all the rest.
        target_compile_options(${target} PRIVATE
            $<$<NOT:$<BOOL:$<TARGET_PROPERTY:${target},ROOK_INNER_LOOPS>>>:-fno-sanitize-address-use-after-scope>)
        target_link_options(${target} PRIVATE -fsanitize=address,undefined)
    endif()
endfunction()

# Tests are compiled by clang where it is there: without optimization it takes less than half of GCC's
# time, and what both read is read better. ccache is told to call it instead.
find_program(ROOK_CLANG clang++)
set(rook_test_compiler "")
if(ROOK_CLANG AND CMAKE_CXX_COMPILER_LAUNCHER MATCHES "ccache" AND CMAKE_CXX_COMPILER_ID STREQUAL GNU)
    set(rook_test_compiler "CCACHE_COMPILER=${ROOK_CLANG};CCACHE_COMPILERTYPE=clang;")
endif()

# A test of the core is compiled alike in both builds, so that the compiler's cache makes one of the
# two: what is watched is the core, whole, and each byte that the test asks for.
function(rook_compile_once target)
    rook_set_warnings(${target})
    # Clang does not know the names of all of GCC's warnings, nor use all that is for its linker.
    target_compile_options(${target} PRIVATE -Wno-unknown-warning-option -Wno-unused-command-line-argument)
    if(ROOK_SANITIZE)
        target_link_options(${target} PRIVATE -fsanitize=address,undefined)
    endif()
    if(CMAKE_CXX_COMPILER_LAUNCHER MATCHES "ccache")
        set_target_properties(${target} PROPERTIES CXX_COMPILER_LAUNCHER
            "env;${rook_test_compiler}CCACHE_BASEDIR=${CMAKE_SOURCE_DIR};CCACHE_NOHASHDIR=1;CCACHE_SLOPPINESS=pch_defines,time_macros;ccache")
    endif()
endfunction()

# The core's own code is watched for undefined behaviour, too. Tests are not: it takes longer to
# compile them so than to run them.
function(rook_watch_behaviour target)
    if(ROOK_SANITIZE)
        # What the other checks find (null, alignment, object size) the address sanitizer stops at,
        # too, and they take as long to compile as all the rest.
        target_compile_options(${target} PRIVATE
            -fsanitize=signed-integer-overflow,shift,integer-divide-by-zero,float-cast-overflow
            -fsanitize=bounds,bool,enum -fno-sanitize-recover=all)
    endif()
endfunction()

# Read once for all files of a target that asks for them.
set(rook_std_headers <algorithm> <atomic> <functional> <map> <memory> <optional> <set> <string>
    <unordered_map> <vector>)

# For what spends no time of its own: faces and tests compile in half the time.
function(rook_optimize_less target)
    target_compile_options(${target} PRIVATE -O1)
endfunction()

# For the inner loops of the solver.
function(rook_optimize_more target)
    set_target_properties(${target} PROPERTIES ROOK_INNER_LOOPS ON)
    if(NOT ROOK_SANITIZE)
        target_compile_options(${target} PRIVATE -O3)
    endif()
endfunction()

# rook_add_module(NAME reach SOURCES solver.cpp LINKS rook_level): one folder below src/, one library.
# PRIVATE_LINKS are packages that its headers do not show.
function(rook_add_module)
    cmake_parse_arguments(MODULE "" "NAME" "SOURCES;LINKS;PRIVATE_LINKS" ${ARGN})
    add_library(rook_${MODULE_NAME} STATIC ${MODULE_SOURCES})
    target_include_directories(rook_${MODULE_NAME} PUBLIC ${CMAKE_SOURCE_DIR}/src)
    target_link_libraries(rook_${MODULE_NAME} PUBLIC ${MODULE_LINKS} PRIVATE ${MODULE_PRIVATE_LINKS})
    rook_set_options(rook_${MODULE_NAME})
    rook_watch_behaviour(rook_${MODULE_NAME})
endfunction()

# What headers define is made anew in every file that asks for it, and the linker keeps what it meets
# first. A test that is compiled without optimization would lend the core its slow ones: so the
# libraries of the core are met before it, whole.
function(rook_meet_core_first target)
    set(names base level motion collide masses cast skin kit puzzle reach check game file)
    # It draws to paper, which few tests are linked for.
    if(target MATCHES "^(ship|app)_test$")
        list(APPEND names ship)
    endif()
    foreach(name ${names})
        list(APPEND archives $<TARGET_FILE:rook_${name}>)
        add_dependencies(${target} rook_${name})
    endforeach()
    target_link_options(${target} PRIVATE LINKER:--whole-archive ${archives} LINKER:--no-whole-archive)
    # What all of them need besides.
    target_link_libraries(${target} PRIVATE rook_file)
endfunction()

# rook_add_tests(level clips edits LINKS rook_level): one program a folder, from level/clips_test.cpp and
# so on, several files compiled as one; CTest knows each file's class by itself, labelled by folder.
# LIGHT: its own code is compiled without optimization, in half the time; what it waits for is done in
# the libraries.
# WATCHED: it compiles headers of the core that have no module of their own.
# WINDOW: it needs QApplication.
function(rook_add_tests folder)
    cmake_parse_arguments(TEST "LIGHT;WATCHED;WINDOW" "" "LINKS" ${ARGN})
    set(target ${folder}_test)
    # All tests without a window begin alike.
    if(TEST_WINDOW)
        add_executable(${target} main.cpp)
        set_source_files_properties(main.cpp PROPERTIES SKIP_UNITY_BUILD_INCLUSION ON)
    else()
        if(NOT TARGET rook_test_main)
            add_library(rook_test_main OBJECT main.cpp)
            set_target_properties(rook_test_main PROPERTIES AUTOMOC OFF)
            target_link_libraries(rook_test_main PRIVATE Qt6::Test)
            target_compile_options(rook_test_main PRIVATE -O0 -g0)
            rook_compile_once(rook_test_main)
        endif()
        add_executable(${target} $<TARGET_OBJECTS:rook_test_main>)
    endif()
    # AUTOMOC would read every header; one class a file, asked for by hand, takes a hundredth.
    set_target_properties(${target} PROPERTIES AUTOMOC OFF UNITY_BUILD_BATCH_SIZE 8
        RUNTIME_OUTPUT_DIRECTORY ${CMAKE_BINARY_DIR}/tests)
    set(moc_folder ${CMAKE_CURRENT_BINARY_DIR}/moc/${folder})
    file(MAKE_DIRECTORY ${moc_folder})
    foreach(stem ${TEST_UNPARSED_ARGUMENTS})
        set(source ${CMAKE_CURRENT_SOURCE_DIR}/${folder}/${stem}_test.cpp)
        qt_generate_moc(${source} ${moc_folder}/${stem}_test.moc)
        target_sources(${target} PRIVATE ${source} ${moc_folder}/${stem}_test.moc)
        file(STRINGS ${source} class REGEX "^ROOK_TEST")
        string(REGEX REPLACE "ROOK_TEST\\((.*)\\)" "\\1" class "${class}")
        add_test(NAME ${folder}/${stem}_test COMMAND ${target} ${class})
        set_tests_properties(${folder}/${stem}_test PROPERTIES LABELS ${folder} TIMEOUT 600
            ENVIRONMENT "QT_QPA_PLATFORM=offscreen;SDL_VIDEODRIVER=dummy")
    endforeach()
    target_include_directories(${target} PRIVATE ${moc_folder} ${CMAKE_SOURCE_DIR}/tests)
    target_link_libraries(${target} PRIVATE ${TEST_LINKS} Qt6::Test)
    target_compile_definitions(${target} PRIVATE ROOK_SOURCE_DIR="${CMAKE_SOURCE_DIR}")
    if(TEST_WATCHED)
        rook_set_options(${target})
    else()
        rook_compile_once(${target})
    endif()
    rook_optimize_less(${target})
    # A test that fails says where by itself; to write line tables takes longer than they help.
    target_compile_options(${target} PRIVATE -g0)
    if(TEST_WATCHED)
        rook_watch_behaviour(${target})
    endif()
    if(TEST_WINDOW)
        # What it waits for is done in the libraries.
        target_compile_options(${target} PRIVATE -O0)
        rook_meet_core_first(${target})
        target_compile_definitions(${target} PRIVATE ROOK_TEST_WINDOW)
    elseif(TEST_LIGHT)
        target_compile_options(${target} PRIVATE -O0)
        rook_meet_core_first(${target})
    endif()
endfunction()
