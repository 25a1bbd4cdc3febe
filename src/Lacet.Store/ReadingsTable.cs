using Dapper;

namespace Lacet.Store;

/// <summary>The table of device readings.</summary>
public sealed class ReadingsTable(LacetDatabase database, TimeProvider time)
{
    /// <summary>Keeps a peak.</summary>
    public Task AddAsync(ReadingRow reading, CancellationToken cancellation) =>
        database.WriteAsync(
            (connection, transaction) =>
                connection.ExecuteAsync(
                    "INSERT INTO reading (id, tool, newton_metres, simulated, read_at) VALUES (@id, @tool, @torque, @simulated, @at) ON CONFLICT (id) DO NOTHING",
                    new
                    {
                        id = reading.Id,
                        tool = reading.Tool,
                        torque = reading.NewtonMetres,
                        simulated = reading.Simulated,
                        at = time.GetUtcNow(),
                    },
                    transaction
                ),
            cancellation
        );

    /// <summary>A peak by id; null where there is none.</summary>
    public Task<ReadingRow?> FindAsync(Guid id) =>
        database.ReadAsync(async connection =>
        {
            var row = await connection.QuerySingleOrDefaultAsync<(string Tool, double Torque, long Simulated)?>(
                "SELECT tool, newton_metres, simulated FROM reading WHERE id = @id",
                new { id }
            );
            return row is { } found ? new ReadingRow(id, found.Tool, found.Torque, found.Simulated != 0) : null;
        });
}
