using System.Buffers;
using System.IO.Pipelines;
using System.Text.Json;

namespace Lacet.Devices;

/// <summary>Newline-delimited JSON over a stream, with a bound on a line's length.</summary>
internal sealed class LineChannel(Stream stream)
{
    private const int LongestLine = 4096;
    private static readonly JsonSerializerOptions Options = new(JsonSerializerDefaults.Web)
    {
        AllowOutOfOrderMetadataProperties = true,
        NumberHandling = System.Text.Json.Serialization.JsonNumberHandling.Strict,
        RespectNullableAnnotations = true,
        RespectRequiredConstructorParameters = true,
    };

    private readonly PipeReader _reader = PipeReader.Create(stream);
    private readonly SemaphoreSlim _sending = new(1, 1);

    /// <summary>The next line; null at the end, and for whatever is no line of the protocol.</summary>
    internal async Task<DeviceLine?> ReceiveAsync(CancellationToken cancellation)
    {
        while (true)
        {
            var result = await _reader.ReadAsync(cancellation);
            var buffer = result.Buffer;
            if (buffer.PositionOf((byte)'\n') is { } end)
            {
                var line = buffer.Slice(0, end);
                var read = line.Length > LongestLine ? null : Parse(line);
                _reader.AdvanceTo(buffer.GetPosition(1, end));
                return read;
            }

            if (result.IsCompleted || buffer.Length > LongestLine)
            {
                _reader.AdvanceTo(buffer.End);
                return null;
            }

            _reader.AdvanceTo(buffer.Start, buffer.End);
        }
    }

    internal async Task SendAsync(DeviceLine line, CancellationToken cancellation)
    {
        var bytes = JsonSerializer.SerializeToUtf8Bytes(line, Options);
        await _sending.WaitAsync(cancellation);
        try
        {
            await stream.WriteAsync((byte[])[.. bytes, (byte)'\n'], cancellation);
        }
        finally
        {
            _sending.Release();
        }
    }

    private static DeviceLine? Parse(ReadOnlySequence<byte> line)
    {
        try
        {
            var reader = new Utf8JsonReader(line);
            return JsonSerializer.Deserialize<DeviceLine>(ref reader, Options);
        }
        catch (Exception exception) when (exception is JsonException or NotSupportedException)
        {
            return null;
        }
    }
}
