using System.Collections.Concurrent;
using System.Diagnostics.CodeAnalysis;
using System.Runtime.InteropServices;
using System.Text.Json;
using System.Text.Json.Serialization;

namespace Lacet.Exchange.Jobs;

/// <summary>
/// Reads what stands in a job again and again, word for word: forty terminals of one block, a reel's wire. The same
/// text gives the same object, made once; it must be one that nobody changes.
/// </summary>
/// <typeparam name="T">What is read.</typeparam>
internal sealed class ReadOnce<T> : JsonConverter<T>
    where T : class
{
    /// <summary>A job has tens of them; what has more is read anew from there on, rather than kept for ever.</summary>
    private const int Most = 1000;

    private readonly ConcurrentDictionary<byte[], T> _known = new(new Bytes());

    /// <inheritdoc/>
    public override T? Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options)
    {
        using var value = JsonDocument.ParseValue(ref reader);
        var text = JsonMarshal.GetRawUtf8Value(value.RootElement);
        if (_known.GetAlternateLookup<ReadOnlySpan<byte>>().TryGetValue(text, out var known))
        {
            return known;
        }

        var read = value.RootElement.Deserialize<T>(options);
        if (read is not null)
        {
            if (_known.Count >= Most)
            {
                _known.Clear();
            }

            _known.TryAdd(text.ToArray(), read);
        }

        return read;
    }

    /// <inheritdoc/>
    public override void Write(Utf8JsonWriter writer, T value, JsonSerializerOptions options) =>
        JsonSerializer.Serialize(writer, value, options);

    private sealed class Bytes : IEqualityComparer<byte[]>, IAlternateEqualityComparer<ReadOnlySpan<byte>, byte[]>
    {
        public bool Equals(byte[]? x, byte[]? y) => x.AsSpan().SequenceEqual(y);

        public bool Equals(ReadOnlySpan<byte> alternate, byte[] other) => alternate.SequenceEqual(other);

        public int GetHashCode([DisallowNull] byte[] obj) => GetHashCode(obj.AsSpan());

        public int GetHashCode(ReadOnlySpan<byte> alternate)
        {
            var hash = new HashCode();
            hash.AddBytes(alternate);
            return hash.ToHashCode();
        }

        public byte[] Create(ReadOnlySpan<byte> alternate) => alternate.ToArray();
    }
}
