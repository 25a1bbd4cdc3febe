using System.Net;
using System.Net.Sockets;
using System.Text.Json;
using Lacet.Exchange;
using Lacet.Exchange.Jobs;
using Lacet.Exchange.Shelf;
using Lacet.Store;

namespace Lacet.Web.Hosting;

/// <summary>What the <c>lacet</c> script calls: serve, backup, restore; and the published schemas. One clear sentence and a non-zero exit where it can't.</summary>
internal static class CommandLine
{
    internal static async Task<int> RunAsync(string[] args)
    {
        if (Server.IsDocumentBuild)
        {
            await using var app = Server.Build(new ServerOptions());
            await app.RunAsync();
            return 0;
        }

        try
        {
            var (command, files, options) = Read(args);
            switch (command)
            {
                case "backup" when files.Count == 1:
                    Backup.Write(options.DataFolder, files[0]);
                    Console.WriteLine($"Backup written to {files[0]}.");
                    return 0;
                case "restore" when files.Count == 1:
                    Backup.Restore(files[0], options.DataFolder);
                    Console.WriteLine($"Restored into {options.DataFolder}.");
                    return 0;
                case "serve" when files.Count == 0:
                    await ServeAsync(options);
                    return 0;
                case "shelf-schema" when files.Count == 0:
                    Console.WriteLine(ShelfDocument.Schema().ToJsonString(new JsonSerializerOptions(Json.Options) { WriteIndented = true }));
                    return 0;
                case "job-schema" when files.Count == 0:
                    Console.WriteLine(JobDocument.Schema().ToJsonString(new JsonSerializerOptions(Json.Options) { WriteIndented = true }));
                    return 0;
                default:
                    throw new UsageException("Say serve, backup FILE or restore FILE.");
            }
        }
        catch (Exception exception) when (exception is UsageException or DataFolderException)
        {
            await Console.Error.WriteLineAsync("lacet: " + exception.Message);
            return 2;
        }
    }

    private static async Task ServeAsync(ServerOptions options)
    {
        // Before anything is opened, so that a port in use leaves no half-made data folder.
        using (var probe = new TcpListener(IPAddress.Loopback, options.Port))
        {
            try
            {
                probe.Start();
            }
            catch (SocketException exception)
            {
                throw new UsageException(exception.SocketErrorCode == SocketError.AddressAlreadyInUse
                    ? $"Port {options.Port} is in use. Stop what uses it, or choose another: --port N."
                    : $"Port {options.Port} cannot be opened: {exception.Message}");
            }
        }

        await using var app = Server.Build(options);
        await app.StartAsync();
        Console.WriteLine($"Lacet is at {app.Urls.First()}");
        await app.WaitForShutdownAsync();
    }

    private static (string Command, List<string> Files, ServerOptions Options) Read(string[] args)
    {
        var options = new ServerOptions();
        var command = args.Length > 0 && !args[0].StartsWith('-') ? args[0] : "serve";
        var files = new List<string>();
        for (var i = args.Length > 0 && ReferenceEquals(command, args[0]) ? 1 : 0; i < args.Length; i++)
        {
            string Next() => i + 1 < args.Length ? args[++i] : throw new UsageException($"{args[i]} needs a value after it.");
            int Port()
            {
                var flag = args[i];
                return int.TryParse(Next(), out var port) && port is >= 0 and <= 65535
                    ? port
                    : throw new UsageException($"{flag} needs a number from 0 to 65535.");
            }

            switch (args[i])
            {
                case "--port":
                    options.Port = Port();
                    break;
                case "--device-port":
                    options.DevicePort = Port();
                    break;
                case "--data":
                    options.DataFolder = Next();
                    break;
                case "--demo":
                    options.DemoFolder = Next();
                    break;
                case "--stand-ins":
                    options.StandIns = true;
                    break;
                case var flag when flag.StartsWith('-'):
                    throw new UsageException($"{flag} is not understood. There are --port, --data, --device-port and --stand-ins.");
                default:
                    files.Add(args[i]);
                    break;
            }
        }

        return (command, files, options);
    }
}
