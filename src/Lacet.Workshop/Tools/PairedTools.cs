using Lacet.Core.Quantities;
using Lacet.Devices;
using Lacet.Exchange;
using Lacet.Store;
using Lacet.Workshop.People;
using Microsoft.Extensions.Logging;

namespace Lacet.Workshop.Tools;

/// <summary>
/// Tools that a lead paired: each has a token of its own, which is shown once, and whether it only stands in for a tool
/// is said at its pairing.
/// </summary>
public sealed partial class PairedTools(ToolsTable tools, TimeProvider time, ILogger<PairedTools> log) : IToolKeys
{
    private const int LongestName = 60;
    private const int LongestToken = 200;

    /// <summary>Pairs a tool; gives it with its token, which is kept nowhere.</summary>
    public async Task<(ToolRow Tool, string Token)> AddAsync(
        string name,
        bool standIn,
        Guid by,
        CancellationToken cancellation
    )
    {
        var plain = PlainText.Name(name);
        if (plain.Length is 0 or > LongestName)
        {
            throw new ImpossibleInputException("name", $"A tool’s name has 1 to {LongestName} characters.");
        }

        var token = SessionKey.New();
        var tool = new ToolRow
        {
            Id = Guid.CreateVersion7(time.GetUtcNow()),
            Name = plain,
            StandIn = standIn,
            PairedBy = by,
            PairedAt = time.GetUtcNow(),
        };
        await tools.AddAsync(SessionKey.Digest(token), tool, cancellation);
        return (tool, token);
    }

    /// <inheritdoc/>
    public async Task<PairedTool?> FindAsync(string token, string serial, CancellationToken cancellation)
    {
        if (token.Length > LongestToken || await tools.FindAsync(SessionKey.Digest(token)) is not { } tool)
        {
            return null;
        }

        if (!string.Equals(tool.Serial, serial, StringComparison.Ordinal))
        {
            if (tool.Serial is not null || !await tools.KeepSerialAsync(tool.Id, serial, cancellation))
            {
                // The tool is told nothing; whoever runs the server has to find out why it does not come.
                AnotherTool(log, tool.Name, serial, tool.Serial is null ? "another pairing" : "another serial");
                return null;
            }
        }

        return new(tool.Id, tool.Name, tool.StandIn);
    }

    /// <summary>All of them.</summary>
    public Task<List<ToolRow>> AllAsync() => tools.AllAsync();

    /// <summary>Takes one out: its token is good no more. False where there is none.</summary>
    public Task<bool> RemoveAsync(Guid id, CancellationToken cancellation) => tools.RemoveAsync(id, cancellation);

    [LoggerMessage(
        Level = LogLevel.Warning,
        Message = "The tool paired as {Name} was refused: it says it is {Serial}, which belongs to {Other}."
    )]
    private static partial void AnotherTool(ILogger logger, string name, string serial, string other);
}
