namespace Lacet.Core.Jobs;

/// <summary>Ids by a key, kept up as things come and go.</summary>
internal sealed class IdIndex<TKey>(IEqualityComparer<TKey>? comparer = null)
    where TKey : notnull
{
    private readonly Dictionary<TKey, List<Guid>> _ids = new(comparer);

    internal IReadOnlyList<Guid> this[TKey key] => _ids.TryGetValue(key, out var ids) ? ids : [];

    internal IEnumerable<TKey> Keys => _ids.Keys;

    internal void Add(TKey key, Guid id)
    {
        if (!_ids.TryGetValue(key, out var ids))
        {
            _ids[key] = ids = new List<Guid>(2);
        }

        ids.Add(id);
    }

    internal void Remove(TKey key, Guid id)
    {
        if (_ids.TryGetValue(key, out var ids) && ids.Remove(id) && ids.Count == 0)
        {
            _ids.Remove(key);
        }
    }
}
