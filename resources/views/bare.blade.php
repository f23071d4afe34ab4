<!DOCTYPE html>
<title>Bare</title>
<p>{{ 'A page of the framework and nothing else.' }}</p>
