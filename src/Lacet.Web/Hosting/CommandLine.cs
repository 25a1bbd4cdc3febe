using System.CommandLine;
using System.Net;
using System.Net.Sockets;
using System.Text.Json;
using Lacet.Exchange;
using Lacet.Exchange.Jobs;
using Lacet.Exchange.Shelf;
using Lacet.Store;
using Lacet.Workshop.People;

namespace Lacet.Web.Hosting;

/// <summary>What the <c>lacet</c> script calls. One clear sentence and a non-zero exit where it can't.</summary>
internal static class CommandLine
{
    private const int WrongUse = 2;

    private static readonly Option<string> Data = new("--data")
    {
        Description = "The data folder.",
        DefaultValueFactory = _ => new ServerOptions().DataFolder,
    };

    internal static async Task<int> RunAsync(string[] args)
    {
        if (Server.IsDocumentBuild)
        {
            await using var app = Server.Build(new ServerOptions());
            await app.RunAsync();
            return 0;
        }

        var root = new RootCommand("Lacet")
        {
            Serve(),
            BackupTo(),
            RestoreFrom(),
            Verify(),
            PersonCommand.Of(Data),
            Schema("shelf-schema", ShelfDocument.Schema),
            Schema("job-schema", JobDocument.Schema),
        };
        var parsed = root.Parse(args.Length == 0 ? ["serve"] : args);
        if (parsed.Errors is [var error, ..])
        {
            return await SayAsync(error.Message);
        }

        try
        {
            return await parsed.InvokeAsync(new InvocationConfiguration { EnableDefaultExceptionHandler = false });
        }
        catch (Exception exception) when (exception is UsageException or DataFolderException)
        {
            return await SayAsync(exception.Message);
        }
    }

    private static async Task<int> SayAsync(string sentence)
    {
        await Console.Error.WriteLineAsync("lacet: " + sentence);
        return WrongUse;
    }

    private static Command Serve()
    {
        var port = Port("--port", "Port of the page on this machine; 0 takes a free one.", new ServerOptions().Port);
        var devicePort = Port("--device-port", "Port for tools on this machine; 0 takes a free one.", 0);
        var demo = new Option<string?>("--demo") { Description = "A folder of demo data for an empty data folder." };
        var standIns = new Option<bool>("--stand-ins") { Description = "Simulated tools." };
        var listen = new Option<string?>("--listen")
        {
            Description = "An address by which others reach it over TLS, such as 192.168.1.20 or 0.0.0.0 for all.",
        };
        var certificate = new Option<string?>("--certificate")
        {
            Description = "A certificate for that, as PEM or PKCS #12; without one Lacet makes its own.",
        };
        var command = new Command("serve", "Works with it.")
        {
            port,
            Data,
            devicePort,
            demo,
            standIns,
            listen,
            certificate,
        };
        command.SetAction(
            async (parsed, _) =>
            {
                await ServeAsync(
                    new ServerOptions
                    {
                        Port = parsed.GetValue(port),
                        DevicePort = parsed.GetValue(devicePort),
                        DataFolder = parsed.GetValue(Data)!,
                        DemoFolder = parsed.GetValue(demo),
                        StandIns = parsed.GetValue(standIns),
                        Listen = parsed.GetValue(listen),
                        Certificate = parsed.GetValue(certificate),
                    }
                );
                return 0;
            }
        );
        return command;
    }

    private static Command BackupTo()
    {
        var file = new Argument<string>("FILE");
        var command = new Command("backup", "Copies the data while Lacet runs.") { file, Data };
        command.SetAction(parsed =>
        {
            Backup.Write(parsed.GetValue(Data)!, parsed.GetValue(file)!);
            Console.WriteLine($"Backup written to {parsed.GetValue(file)}.");
            return 0;
        });
        return command;
    }

    private static Command RestoreFrom()
    {
        var file = new Argument<string>("FILE");
        var command = new Command("restore", "Puts a copy back into an empty data folder.") { file, Data };
        command.SetAction(
            async (parsed, cancellation) =>
            {
                await Restore.FromAsync(parsed.GetValue(file)!, parsed.GetValue(Data)!, cancellation);
                Console.WriteLine($"Restored into {parsed.GetValue(Data)}.");
                return 0;
            }
        );
        return command;
    }

    private static Command Verify()
    {
        var head = new Option<string?>("--head")
        {
            Description = "A head that was kept outside, from a paper or an export; its first 8 digits or more.",
        };
        var command = new Command("verify", "Walks the whole record, with what its events are found by.")
        {
            Data,
            head,
        };
        command.SetAction(
            (parsed, cancellation) =>
                ChainCheck.RunAsync(
                    parsed.GetValue(Data)!,
                    parsed.GetValue(head),
                    Console.Out,
                    Console.Error,
                    cancellation
                )
        );
        return command;
    }

    private static Command Schema(string name, Func<System.Text.Json.Nodes.JsonNode> schema)
    {
        var command = new Command(name, "Prints a format’s JSON Schema.");
        command.SetAction(_ =>
        {
            Console.WriteLine(schema().ToJsonString(new JsonSerializerOptions(Json.Options) { WriteIndented = true }));
            return 0;
        });
        return command;
    }

    private static Option<int> Port(string name, string description, int usual)
    {
        var port = new Option<int>(name) { Description = description, DefaultValueFactory = _ => usual };
        port.Validators.Add(result =>
        {
            if (
                result.Tokens is [{ Value: var text }]
                && (!int.TryParse(text, out var number) || number is < 0 or > 65535)
            )
            {
                result.AddError($"{name} needs a number from 0 to 65535.");
            }
        });
        return port;
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
                throw new UsageException(
                    exception.SocketErrorCode == SocketError.AddressAlreadyInUse
                        ? $"Port {options.Port} is in use. Stop what uses it, or choose another: --port N."
                        : $"Port {options.Port} cannot be opened: {exception.Message}"
                );
            }
        }

        await using var app = Server.Build(options);
        await NeedSomebodyAsync(app, options);
        _ = Task.Run(app.MakeRoutesReady);
        await app.StartAsync();
        if (app.Services.GetRequiredService<FirstLead>() is var first && await first.IsAwaitedAsync())
        {
            Console.WriteLine($"Nobody works here yet. The first lead signs in with this code: {first.Code}");
        }

        if (app.Services.GetService<Listening>() is { } listening)
        {
            Console.WriteLine($"Others reach it at https://{listening.Names[0]}:{listening.At.Port}");
            if (listening.Authority is { } authority)
            {
                Console.WriteLine(
                    $"Its certificate is Lacet’s own; trust it once on each phone, at /trust there, where the fingerprint is {LocalAuthority.Fingerprint(authority)}"
                );
            }
        }

        Console.WriteLine($"Lacet is at {app.Urls.First()}");

        await app.WaitForShutdownAsync();
    }

    /// <summary>A server that others reach, and in which nobody is anybody yet, is anybody’s.</summary>
    private static async Task NeedSomebodyAsync(WebApplication app, ServerOptions options)
    {
        if (options.Listen is null)
        {
            return;
        }

        if (options.DemoFolder is not null)
        {
            throw new UsageException("The demo’s passwords are known to everybody: it is for this machine alone.");
        }

        if (await app.Services.GetRequiredService<FirstLead>().IsAwaitedAsync())
        {
            throw new UsageException(
                "Nobody works here yet. Start it without --listen and sign the first lead in, or add one: ./lacet person add NAME --role lead."
            );
        }
    }
}
