<path d="M12 22h8M12 38h16M12 54h32M12 70h64M12 86h128"/><path class="is-way" d="M206 22V84M199 74l7 10 7-10"/>
