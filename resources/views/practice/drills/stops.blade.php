<path d="M12 22h8M12 38h16M12 54h32M12 70h64M12 86h128"/><text x="228" y="27" text-anchor="end">1/60</text><text x="228" y="91" text-anchor="end">¼ s</text>
