using System.Collections.Concurrent;
using System.Runtime.CompilerServices;
using System.Threading.Channels;

namespace Lacet.Devices;

/// <summary>Tells every open page what the tools do. A page that reads too slowly loses the oldest readings.</summary>
public sealed class DeviceFeed
{
    private readonly ConcurrentDictionary<Guid, Channel<DeviceEvent>> _listeners = new();

    /// <summary>What happens from now on.</summary>
    public async IAsyncEnumerable<DeviceEvent> ListenAsync(DeviceEvent first, [EnumeratorCancellation] CancellationToken cancellation)
    {
        var id = Guid.NewGuid();
        var channel = Channel.CreateBounded<DeviceEvent>(new BoundedChannelOptions(200) { FullMode = BoundedChannelFullMode.DropOldest });
        _listeners[id] = channel;
        try
        {
            yield return first;
            while (await HasMoreAsync(channel.Reader, cancellation))
            {
                while (channel.Reader.TryRead(out var item))
                {
                    yield return item;
                }
            }
        }
        finally
        {
            _listeners.TryRemove(id, out _);
        }
    }

    /// <summary>False once the page has gone or the server stops: either is an ordinary end.</summary>
    private static async Task<bool> HasMoreAsync(ChannelReader<DeviceEvent> reader, CancellationToken cancellation)
    {
        try
        {
            return await reader.WaitToReadAsync(cancellation);
        }
        catch (OperationCanceledException)
        {
            return false;
        }
    }

    internal void Tell(DeviceEvent item)
    {
        foreach (var channel in _listeners.Values)
        {
            channel.Writer.TryWrite(item);
        }
    }
}
