// Built only for its precompiled headers; see tests/CMakeLists.txt.
int main() {}
