@props(['what', 'is', 'note', 'total' => false])
<tr @class(['total' => $total])>
    <td>{{ $what }}</td>
    <td class="n">{{ $is }}</td>
    <td class="soft">{{ $note }}</td>
</tr>
