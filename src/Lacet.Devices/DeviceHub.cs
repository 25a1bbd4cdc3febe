using System.Collections.Concurrent;
using System.Net;
using System.Net.Sockets;
using Lacet.Core.Quantities;
using Microsoft.Extensions.Hosting;
using Microsoft.Extensions.Logging;
using Microsoft.Extensions.Options;

namespace Lacet.Devices;

/// <summary>
/// Listens on loopback for tools. A tool connects and opens with the token that it was paired with; whoever opens with
/// anything else is closed without a word.
/// </summary>
public sealed partial class DeviceHub(
    IOptions<DeviceOptions> options,
    Feed<DeviceEvent> feed,
    IPeakKeeper keeper,
    IToolKeys keys,
    StandInKey standIn,
    ILogger<DeviceHub> log
) : BackgroundService
{
    private const int Protocol = 1;
    private const int MostTools = 16;
    private static readonly TimeSpan HelloWithin = TimeSpan.FromSeconds(5);
    private static readonly TimeSpan AfterRefusal = TimeSpan.FromMilliseconds(200);

    /// <summary>Of its scale: a tool that says more than it could have read is not to be believed.</summary>
    private const double MostOfScale = 2;

    /// <summary>N·m: no screw of this trade asks for so much.</summary>
    private const double LargestScale = 1000;

    private readonly ConcurrentDictionary<string, Connection> _tools = new(StringComparer.Ordinal);
    private readonly TaskCompletionSource<IPEndPoint> _listening = new(
        TaskCreationOptions.RunContinuationsAsynchronously
    );
    private int _connections;

    /// <summary>Where it listens, once it does.</summary>
    public Task<IPEndPoint> Listening => _listening.Task;

    /// <summary>The tools that are connected now, by name.</summary>
    public IReadOnlyList<ConnectedTool> Tools =>
        [.. _tools.Values.Select(t => t.Tool).OrderBy(t => t.Paired.Name, StringComparer.Ordinal)];

    /// <summary>Ends the connection of a tool that is paired no more.</summary>
    public async Task CloseAsync(Guid paired)
    {
        foreach (var connection in _tools.Values)
        {
            if (connection.Tool.Paired.Id == paired)
            {
                await connection.EndAsync();
            }
        }
    }

    /// <summary>
    /// Asks a stand-in to turn on a screw of that target, or with null to let go. False where there is no such
    /// stand-in.
    /// </summary>
    public async Task<bool> TurnAsync(string toolId, Torque? target, CancellationToken cancellation)
    {
        if (!_tools.TryGetValue(toolId, out var entry) || !entry.Tool.Paired.IsStandIn)
        {
            return false;
        }

        await entry.Channel.SendAsync(
            target is { } torque ? new DeviceLine.Hold(torque.NewtonMetres) : new DeviceLine.Release(),
            cancellation
        );
        return true;
    }

    /// <inheritdoc/>
    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        using var listener = new TcpListener(IPAddress.Loopback, options.Value.Port);
        try
        {
            listener.Start();
        }
        catch (SocketException exception)
        {
            // The page works without tools; only they cannot come in.
            NoPort(log, options.Value.Port, exception.Message);
            _listening.TrySetException(exception);
            return;
        }

        _listening.TrySetResult((IPEndPoint)listener.LocalEndpoint);
        while (!stoppingToken.IsCancellationRequested)
        {
            try
            {
                _ = ServeAsync(await listener.AcceptTcpClientAsync(stoppingToken), stoppingToken);
            }
            catch (SocketException)
            {
                // No descriptor is left for it, or it went away again: the next is waited for.
                await Task.Delay(AfterRefusal, stoppingToken);
            }
        }
    }

    private async Task ServeAsync(TcpClient client, CancellationToken cancellation)
    {
        using var owned = client;
        try
        {
            if (Interlocked.Increment(ref _connections) > MostTools)
            {
                return;
            }

            client.NoDelay = true;
            await using var stream = client.GetStream();
            var channel = new LineChannel(stream);
            if (await GreetAsync(channel, cancellation) is { } tool)
            {
                await ConverseAsync(tool, channel, cancellation);
            }
        }
        catch (Exception exception) when (exception is IOException or SocketException or OperationCanceledException)
        {
            // The tool went away, or never spoke: nothing is lost, since peaks are kept as they come.
        }
        finally
        {
            Interlocked.Decrement(ref _connections);
        }
    }

    private async Task<ConnectedTool?> GreetAsync(LineChannel channel, CancellationToken cancellation)
    {
        using var limit = CancellationTokenSource.CreateLinkedTokenSource(cancellation);
        limit.CancelAfter(HelloWithin);
        if (
            await channel.ReceiveAsync(limit.Token) is not DeviceLine.Hello { Protocol: Protocol } hello
            || ScaleOf(hello.Tool) is not { } scale
            || await PairedAsync(hello, limit.Token) is not { } paired
        )
        {
            return null;
        }

        await channel.SendAsync(new DeviceLine.Welcome(Protocol), cancellation);
        return new(hello.Tool, scale, paired);
    }

    private async Task<PairedTool?> PairedAsync(DeviceLine.Hello hello, CancellationToken cancellation) =>
        standIn.Is(hello.Token) ? StandInKey.Tool : await keys.FindAsync(hello.Token, hello.Tool.Id, cancellation);

    /// <summary>The end of a tool’s scale; null where it says nothing that can be.</summary>
    private static Torque? ScaleOf(ToolIdentity tool)
    {
        if (tool.Id.Length is 0 or > 100 || !(tool.RangeMost > 0) || !double.IsFinite(tool.RangeMost))
        {
            return null;
        }

        try
        {
            var scale = Torque.From(tool.RangeMost, TorqueUnits.Read(tool.Unit, "unit"));
            return scale.NewtonMetres <= LargestScale ? scale : null;
        }
        catch (ImpossibleInputException)
        {
            return null;
        }
    }

    private async Task ConverseAsync(ConnectedTool tool, LineChannel channel, CancellationToken cancellation)
    {
        var id = tool.Identity.Id;
        using var ending = CancellationTokenSource.CreateLinkedTokenSource(cancellation);
        var connection = new Connection(tool, channel, ending);
        // A tool that comes again has lost the line that it had.
        if (_tools.TryGetValue(id, out var before))
        {
            await before.EndAsync();
        }

        _tools[id] = connection;
        feed.Tell(new DeviceEvent.ToolsChanged(Tools));
        try
        {
            while (await channel.ReceiveAsync(ending.Token) is { } line)
            {
                var torque = line switch
                {
                    DeviceLine.Reading reading => reading.Torque,
                    DeviceLine.Peak peak => peak.Torque,
                    _ => double.NaN,
                };
                var read = Torque.From(torque, TorqueUnits.Read(tool.Identity.Unit, "unit"));
                if (!(read.NewtonMetres >= 0 && read.NewtonMetres <= tool.Scale.NewtonMetres * MostOfScale))
                {
                    return;
                }

                await TakeAsync(tool, line, read, cancellation);
            }
        }
        finally
        {
            _tools.TryRemove(new(id, connection));
            feed.Tell(new DeviceEvent.ToolsChanged(Tools));
        }
    }

    private async Task TakeAsync(ConnectedTool tool, DeviceLine line, Torque torque, CancellationToken cancellation)
    {
        switch (line)
        {
            case DeviceLine.Reading reading:
                feed.Tell(new DeviceEvent.Read(tool.Identity.Id, reading.Turn, torque, tool.Paired.IsStandIn));
                break;
            case DeviceLine.Peak peak:
                var kept = new TorquePeak(peak.Turn, tool.Identity.Id, tool.Paired.Name, torque, tool.Paired.IsStandIn);
                await keeper.KeepAsync(kept, cancellation);
                feed.Tell(new DeviceEvent.Peaked(kept));
                break;
        }
    }

    [LoggerMessage(
        Level = LogLevel.Error,
        Message = "Devices cannot connect: port {Port} of loopback cannot be opened ({Why})."
    )]
    private static partial void NoPort(ILogger logger, int port, string why);

    private sealed record Connection(ConnectedTool Tool, LineChannel Channel, CancellationTokenSource Ending)
    {
        public async Task EndAsync()
        {
            try
            {
                await Ending.CancelAsync();
            }
            catch (ObjectDisposedException)
            {
                // It ended by itself.
            }
        }
    }
}
