# One interface target that every target of ours links: the language level, the warnings, the sanitizers.
add_library(upbeat_build_flags INTERFACE)
target_compile_features(upbeat_build_flags INTERFACE cxx_std_20)
target_compile_options(upbeat_build_flags INTERFACE
    -Wall -Wextra -Wpedantic -Wshadow -Wconversion -Wsign-conversion -Wold-style-cast -Wnon-virtual-dtor
    -Woverloaded-virtual -Wcast-align -Wunused -Wnull-dereference -Wformat=2 -Werror
    # g++ 12 reports these inside its own headers once it inlines them (GCC bug 105329 and kin).
    $<$<CXX_COMPILER_ID:GNU>:-Wno-array-bounds -Wno-null-dereference -Wno-maybe-uninitialized -Wno-restrict -Wno-stringop-overflow>)
# The same bytes wherever it is built: no folder of the builder's, not even in what the build's id is made of.
target_compile_options(upbeat_build_flags INTERFACE
    -ffile-prefix-map=${CMAKE_BINARY_DIR}=build -ffile-prefix-map=${CMAKE_SOURCE_DIR}=.)
# Several files compiled as one share an unnamed namespace: what one names, another may name inside a function. The
# preset "dev" compiles each file alone and tells of shadows within it, and of an include that is missing.
if(CMAKE_UNITY_BUILD)
    target_compile_options(upbeat_build_flags INTERFACE -Wno-shadow)
endif()

set(UPBEAT_SANITIZE "" CACHE STRING "Sanitizers to build with, for example address,undefined or thread")
if(UPBEAT_SANITIZE)
    target_compile_options(upbeat_build_flags INTERFACE -fsanitize=${UPBEAT_SANITIZE} -fno-sanitize-recover=all
        -fno-omit-frame-pointer -O1)
    target_link_options(upbeat_build_flags INTERFACE -fsanitize=${UPBEAT_SANITIZE})
endif()
