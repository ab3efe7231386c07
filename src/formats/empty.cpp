namespace { [[maybe_unused]] int x; }
