using System.Net;
using System.Reflection;
using System.Text.Json.Serialization;
using Lacet.Devices;
using Lacet.Exchange;
using Lacet.Store;
using Lacet.Web.Bench;
using Lacet.Web.Cords;
using Lacet.Web.DeadChecks;
using Lacet.Web.Devices;
using Lacet.Web.Http;
using Lacet.Web.Jobs;
using Lacet.Web.People;
using Lacet.Web.PinMaps;
using Lacet.Web.Records;
using Lacet.Web.Rework;
using Lacet.Web.Runs;
using Lacet.Web.Shelf;
using Lacet.Web.Splices;
using Lacet.Workshop.Boards;
using Lacet.Workshop.DeadChecks;
using Lacet.Workshop.Findings;
using Lacet.Workshop.Jobs;
using Lacet.Workshop.Lists;
using Lacet.Workshop.People;
using Lacet.Workshop.Records;
using Lacet.Workshop.Shelf;
using Lacet.Workshop.Tools;
using Microsoft.AspNetCore.Connections;
using Microsoft.AspNetCore.Server.Kestrel.Transport.Sockets;

namespace Lacet.Web.Hosting;

/// <summary>Puts the server together.</summary>
internal static class Server
{
    /// <summary>The build makes the OpenAPI document by running the program: then nothing may be opened.</summary>
    internal static readonly bool IsDocumentBuild = string.Equals(
        Assembly.GetEntryAssembly()?.GetName().Name,
        "GetDocument.Insider",
        StringComparison.Ordinal
    );

    internal static WebApplication Build(ServerOptions options, Action<WebApplicationBuilder>? adjust = null)
    {
        // On the second core, while this one puts together what does not need it. It is waited for before anything
        // else is opened, so that a folder that cannot be used is one sentence and not a stack of exceptions.
        var database = IsDocumentBuild ? null : Task.Run(() => LacetDatabase.Open(options.DataFolder));
        var builder = WebApplication.CreateSlimBuilder(
            new WebApplicationOptions { ContentRootPath = AppContext.BaseDirectory, WebRootPath = FindWebRoot() }
        );
        var listening = IsDocumentBuild ? null : Listening.Of(options, DateTimeOffset.UtcNow);
        Listen(builder, options.Port, listening);
        builder.Logging.SetMinimumLevel(LogLevel.Warning);
        // Without a built front end the interface still answers; the script builds it before it serves.
        builder.Logging.AddFilter("Microsoft.AspNetCore.StaticFiles", LogLevel.Error);
        // The folder is its owner’s alone; what else could keep the keys in it lies in it too.
        builder.Logging.AddFilter("Microsoft.AspNetCore.DataProtection", LogLevel.Error);

        builder.Services.ConfigureHttpJsonOptions(json =>
        {
            Json.Apply(json.SerializerOptions);
            // A misspelt option is refused: left out without a word, it would drop its check.
            json.SerializerOptions.Converters.Add(new TermJson());
            json.SerializerOptions.UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow;
        });
        builder.Services.AddProblems();
        builder.Services.AddLimits();
        builder.Services.AddLacetOpenApi();
        builder.Services.AddResponseCompression(compression => compression.EnableForHttps = true);
        builder.Services.Configure<HostOptions>(host => host.ShutdownTimeout = TimeSpan.FromSeconds(3));
        builder.Services.AddSingleton(TimeProvider.System);
        builder.Services.AddStore();
        builder.Services.AddWorkshop();
        builder.Services.AddAccess(IsDocumentBuild ? null : options.DataFolder);
        builder.Services.AddSingleton<SessionAnswers>();
        builder.Services.AddSingleton(services => new DemoPeople(
            options.DemoFolder,
            services.GetRequiredService<Accounts>()
        ));
        builder.Services.AddSingleton<ShelfEntries>();
        builder.Services.AddSingleton<IPeakKeeper, PeakKeeper>();
        builder.Services.AddSingleton<Feed<DeviceEvent>>();
        builder.Services.AddSingleton<StandInKey>();
        builder.Services.AddSingleton<DeviceHub>();
        builder.Services.AddSingleton<PageStream>();
        builder.Services.AddSingleton<DeadPages>();
        builder.Services.AddSingleton<MultimeterStandIn>();
        if (database is not null)
        {
            OpenDoors(builder.Services, options, database.GetAwaiter().GetResult());
        }

        adjust?.Invoke(builder);

        var app = builder.Build();
        app.UseAll(options);
        app.MapOpenApi().IsOpen();
        app.MapPlaces();
        app.MapFrontEnd();
        return app;
    }

    private static void Listen(WebApplicationBuilder builder, int port, Listening? listening)
    {
        builder.WebHost.UseKestrelCore().UseKestrelHttpsConfiguration();
        builder.WebHost.ConfigureKestrel(kestrel =>
        {
            kestrel.Limits.MaxRequestBodySize = Endpoints.LargestBody;
            kestrel.AddServerHeader = false;
            kestrel.Listen(IPAddress.Loopback, port);
            if (listening is not null)
            {
                kestrel.Listen(listening.At, tls => tls.UseHttps(listening.Certificate));
            }
        });
        if (listening is not null)
        {
            builder.Services.AddSingleton(listening);
        }

        builder.Services.AddSingleton(new OwnNames(listening?.Names ?? []));
        builder.Services.AddSingleton<IConnectionListenerFactory>(services => new BoundedConnections(
            ActivatorUtilities.CreateInstance<SocketTransportFactory>(services),
            Limits.MostConnections(Limits.Descriptors())
        ));
    }

    /// <summary>What every request goes through, in this order.</summary>
    private static void UseAll(this WebApplication app, ServerOptions options)
    {
        app.UseOwnHostOnly();
        app.UseSecurityHeaders();
        app.UseProblems();
        app.UseRateLimiter();
        app.UseResponseCompression();
        app.UseReaderWords();
        app.UseFirstPage(DemoLoader.FirstPage(options));
        app.UseDefaultFiles();
        app.UseStaticFiles(FrontEnd.Files);
        app.UseAccess();
        app.UseWholeBodies();
    }

    /// <summary>
    /// Reads what each route takes and answers, which is most of what the first request would wait for. Done beside the
    /// start, on the second core; what it makes is thrown away, what it taught the runtime stays.
    /// </summary>
    internal static void MakeRoutesReady(this WebApplication app)
    {
        foreach (var source in ((IEndpointRouteBuilder)app).DataSources)
        {
            _ = source.Endpoints.Count;
        }
    }

    /// <summary>The interface of each feature.</summary>
    private static void MapPlaces(this WebApplication app)
    {
        app.MapBench();
        app.MapShelf();
        app.MapJobs();
        app.MapFindings();
        app.MapBoards();
        app.MapNetworks();
        app.MapRemedies();
        app.MapListLayouts();
        app.MapLandingGroups();
        app.MapRework();
        app.MapCords();
        app.MapPinMaps();
        app.MapSplices();
        app.MapJobImports();
        app.MapJobFiles();
        app.MapSurveys();
        app.MapReference();
        app.MapPeople();
        app.MapSessions();
        app.MapTablets();
        app.MapTrust();
        app.MapRecords();
        app.MapDevices();
        app.MapTools();
        app.MapDeadChecks();
        app.MapRuns();
    }

    private static void AddStore(this IServiceCollection services)
    {
        services.AddSingleton<PeopleTable>();
        services.AddSingleton<AccountsTable>();
        services.AddSingleton<SessionsTable>();
        services.AddSingleton<TabletsTable>();
        services.AddSingleton<ToolsTable>();
        services.AddSingleton<EventsTable>();
        services.AddSingleton<ReadingsTable>();
        services.AddSingleton<ShelfTable>();
        services.AddSingleton<JobsTable>();
        services.AddSingleton<ListLayoutsTable>();
        services.AddSingleton<LandingsOfPrefixesTable>();
    }

    private static void AddWorkshop(this IServiceCollection services)
    {
        services.AddSingleton<Feed<SessionEnded>>();
        services.AddSingleton<SecretHash>();
        services.AddSingleton<FirstLead>();
        services.AddSingleton<Sessions>();
        services.AddSingleton<Accounts>();
        services.AddSingleton<SignIns>();
        services.AddSingleton<Supervision>();
        services.AddSingleton<Tablets>();
        services.AddSingleton<TypedNames>();
        services.AddSingleton<PairedTools>();
        services.AddSingleton<IToolKeys>(provider => provider.GetRequiredService<PairedTools>());
        services.AddSingleton<ShelfLandings>();
        services.AddSingleton<Feed<JobChanged>>();
        services.AddSingleton<OpenJobs>();
        services.AddSingleton<ChangeResolver>();
        services.AddSingleton<JobEditor>();
        services.AddSingleton<LandingGroups>();
        services.AddSingleton<NewJobs>();
        services.AddSingleton<BoardCache>();
        services.AddSingleton<ListLayouts>();
        services.AddSingleton<PendingImports>();
        services.AddSingleton<ImportAcceptance>();
        services.AddSingleton<WireRows>();
        services.AddSingleton<Acceptances>();
        services.AddSingleton<Remedies>();
        services.AddSingleton<Surveys>();
        services.AddSingleton<Terminations>();
        services.AddSingleton<FreeLengths>();
        services.AddSingleton<Recorder>();
        services.AddSingleton<DeadRecorder>();
        services.AddSingleton<Feed<DeadTold>>();
        services.AddSingleton<DeadWatch>();
    }

    /// <summary>The data folder, the port for tools, and whatever runs in the background.</summary>
    private static void OpenDoors(IServiceCollection services, ServerOptions options, LacetDatabase database)
    {
        services.AddSingleton(_ => database);
        services.Configure<DeviceOptions>(device =>
        {
            device.Port = options.DevicePort;
            device.StandIns = options.StandIns;
        });
        services.AddHostedService(provider => provider.GetRequiredService<DeviceHub>());
        services.AddHostedService<TorqueDriverStandIn>();
        services.AddHostedService(provider => provider.GetRequiredService<DeadWatch>());
        services.AddHostedService<ChainWatch>();
        services.AddHostedService<ShelfSeeder>();
        services.AddHostedService<LastJob>();
        if (options.DemoFolder is { } demo)
        {
            services.AddHostedService(provider => new DemoLoader(
                demo,
                options.DataFolder,
                provider.GetRequiredService<Recorder>(),
                provider.GetRequiredService<NewJobs>(),
                provider.GetRequiredService<JobEditor>(),
                provider.GetRequiredService<EventsTable>(),
                provider.GetRequiredService<DemoPeople>(),
                provider.GetRequiredService<Accounts>(),
                provider.GetRequiredService<ReadingsTable>()
            ));
        }
    }

    /// <summary>
    /// The front end as Vite built it: beside the sources when run from the tree, else beside the program.
    /// </summary>
    private static string? FindWebRoot()
    {
        for (var folder = new DirectoryInfo(AppContext.BaseDirectory); folder is not null; folder = folder.Parent)
        {
            var root = Path.Combine(folder.FullName, "wwwroot");
            if (File.Exists(Path.Combine(root, "index.html")))
            {
                return root;
            }

            if (File.Exists(Path.Combine(folder.FullName, "Lacet.slnx")))
            {
                var fromTree = Path.Combine(folder.FullName, "src", "Lacet.Web", "wwwroot");
                return Directory.Exists(fromTree) ? fromTree : null;
            }
        }

        return null;
    }
}
