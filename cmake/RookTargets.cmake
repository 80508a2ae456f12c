# The three kinds of target that this project has, each made by one function, so that warnings,
# sanitizers and test registration have one home.

function(rook_set_options target)
    target_compile_options(${target} PRIVATE -Wall -Wextra -Wpedantic -Wshadow -Wnon-virtual-dtor
        -Woverloaded-virtual -Werror -Werror=switch)
    # GCC 12 warns of overlap inside its own std::string operator+ (GCC bug 105651).
    target_compile_options(${target} PRIVATE -Wno-restrict)
    if(ROOK_SANITIZE)
        target_compile_options(${target} PRIVATE -fsanitize=address -fno-omit-frame-pointer)
        target_link_options(${target} PRIVATE -fsanitize=address,undefined)
    endif()
endfunction()

# The core's own code is watched for undefined behaviour, too. Tests are not: it takes longer to
# compile them so than to run them.
function(rook_watch_behaviour target)
    if(ROOK_SANITIZE)
        target_compile_options(${target} PRIVATE -fsanitize=undefined
            -fno-sanitize-recover=undefined)
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

# The first of each kind compiles the headers, the others take them from it.
function(rook_share_headers target links)
    set(kind core)
    set(headers ${rook_std_headers} <QTest>)
    if(links MATCHES "rook_app")
        set(kind app)
        list(APPEND headers <QtWidgets>)
    endif()
    get_property(first GLOBAL PROPERTY rook_headers_of_${kind})
    if(first)
        target_precompile_headers(${target} REUSE_FROM ${first})
    else()
        target_precompile_headers(${target} PRIVATE ${headers})
        set_property(GLOBAL PROPERTY rook_headers_of_${kind} ${target})
    endif()
endfunction()

# rook_add_test(reach/solver_test.cpp LINKS rook_reach): one executable, known to CTest, labelled by folder.
# Tests that link nothing of Qt but Test share one set of precompiled headers, and those of the
# window another.
# WATCHED: it compiles headers of the core that have no module of their own.
function(rook_add_test source)
    cmake_parse_arguments(TEST "WATCHED" "" "LINKS" ${ARGN})
    get_filename_component(folder ${source} DIRECTORY)
    get_filename_component(name ${source} NAME_WE)
    set(target ${folder}_${name})
    add_executable(${target} ${source})
    # One file with one class: asked for by hand, moc takes a hundredth of what AUTOMOC does.
    set_target_properties(${target} PROPERTIES AUTOMOC OFF
        RUNTIME_OUTPUT_DIRECTORY ${CMAKE_BINARY_DIR}/tests)
    set(moc_folder ${CMAKE_CURRENT_BINARY_DIR}/moc/${folder})
    file(MAKE_DIRECTORY ${moc_folder})
    qt_generate_moc(${CMAKE_CURRENT_SOURCE_DIR}/${source} ${moc_folder}/${name}.moc)
    set_source_files_properties(${source} PROPERTIES OBJECT_DEPENDS ${moc_folder}/${name}.moc)
    target_include_directories(${target} PRIVATE ${moc_folder})
    target_link_libraries(${target} PRIVATE ${TEST_LINKS} Qt6::Test)
    target_include_directories(${target} PRIVATE ${CMAKE_SOURCE_DIR}/tests)
    target_compile_definitions(${target} PRIVATE ROOK_SOURCE_DIR="${CMAKE_SOURCE_DIR}"
        ROOK_BINARY_DIR="${CMAKE_BINARY_DIR}")
    rook_set_options(${target})
    rook_optimize_less(${target})
    # A test that fails says where by itself; to write line tables takes longer than they help.
    target_compile_options(${target} PRIVATE -g0)
    if(TEST_WATCHED)
        rook_watch_behaviour(${target})
    elseif(NOT TEST_LINKS MATCHES "Qt6")
        rook_share_headers(${target} "${TEST_LINKS}")
    endif()
    add_test(NAME ${folder}/${name} COMMAND ${target})
    set_tests_properties(${folder}/${name} PROPERTIES LABELS ${folder} TIMEOUT 300
        ENVIRONMENT "QT_QPA_PLATFORM=offscreen;SDL_VIDEODRIVER=dummy")
endfunction()
