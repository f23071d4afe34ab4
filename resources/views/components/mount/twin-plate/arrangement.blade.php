@props(['page', 'stack'])
