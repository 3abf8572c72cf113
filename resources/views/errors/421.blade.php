<!DOCTYPE html>
<html lang="en">
    <head><meta charset="utf-8"><title>Another address</title></head>
    <body><h1>Another address</h1><p>{{ $exception->getMessage() }}</p></body>
</html>
