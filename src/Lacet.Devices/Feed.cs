using System.Collections.Concurrent;
using System.Runtime.CompilerServices;
using System.Threading.Channels;

namespace Lacet.Devices;

/// <summary>Tells every open page what happens. A page that reads too slowly loses the oldest of it.</summary>
/// <typeparam name="T">What is told.</typeparam>
public sealed class Feed<T>
{
    private readonly ConcurrentDictionary<Guid, Channel<T>> _listeners = new();

    /// <summary>What is so now, then what happens from now on.</summary>
    public async IAsyncEnumerable<T> ListenAsync(
        IReadOnlyList<T> first,
        [EnumeratorCancellation] CancellationToken cancellation
    )
    {
        var id = Guid.NewGuid();
        var channel = Channel.CreateBounded<T>(
            new BoundedChannelOptions(200) { FullMode = BoundedChannelFullMode.DropOldest }
        );
        _listeners[id] = channel;
        try
        {
            foreach (var item in first)
            {
                yield return item;
            }

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
    private static async Task<bool> HasMoreAsync(ChannelReader<T> reader, CancellationToken cancellation)
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

    /// <summary>Tells all of them.</summary>
    public void Tell(T item)
    {
        foreach (var channel in _listeners.Values)
        {
            channel.Writer.TryWrite(item);
        }
    }
}
