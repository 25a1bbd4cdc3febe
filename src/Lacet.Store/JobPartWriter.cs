using Dapper;
using Microsoft.Data.Sqlite;

namespace Lacet.Store;

/// <summary>
/// Writes the parts that a command changes, and beside them what they were. A list brings tens of thousands at
/// once: every statement is prepared once, and what was there is read in one go where it is many.
/// </summary>
internal sealed class JobPartWriter : IDisposable
{
    /// <summary>From so many on, the whole job is read instead of each part by itself.</summary>
    private const int Many = 100;

    private readonly JobCommand _command;
    private readonly SqliteConnection _connection;
    private readonly SqliteTransaction _transaction;
    private readonly SqliteCommand _put;
    private readonly SqliteCommand _delete;
    private readonly SqliteCommand _change;

    internal JobPartWriter(SqliteConnection connection, SqliteTransaction transaction, JobCommand command)
    {
        (_command, _connection, _transaction) = (command, connection, transaction);
        _put = Prepare(
            """
            INSERT INTO job_part (job, id, kind, body, version) VALUES ($job, $id, $kind, $body, $version)
            ON CONFLICT (job, id) DO UPDATE SET body = $body, version = $version
            """,
            "$id",
            "$kind",
            "$body",
            "$version"
        );
        _put.Parameters.AddWithValue("$job", command.Job.ToString());
        _delete = Prepare("DELETE FROM job_part WHERE job = $job AND id = $id", "$id");
        _delete.Parameters.AddWithValue("$job", command.Job.ToString());
        _change = Prepare(
            """
            INSERT INTO job_change (command, position, part, kind, before, version_before, version_after)
            VALUES ($command, $position, $part, $kind, $before, $version_before, $version_after)
            """,
            "$position",
            "$part",
            "$kind",
            "$before",
            "$version_before",
            "$version_after"
        );
        _change.Parameters.AddWithValue("$command", command.Id.ToString());
    }

    /// <summary>Writes some of them into a job that is being made: nothing was there before.</summary>
    internal void WriteNew(int from, int most)
    {
        for (var position = from; position < Math.Min(from + most, _command.Edits.Count); position++)
        {
            Write(position, _command.Edits[position], null, 1);
        }
    }

    /// <summary>
    /// Writes all of them, and gives their versions. Throws <see cref="JobConflictException"/> where one has moved on.
    /// </summary>
    internal async Task<IReadOnlyList<long>> WriteAsync()
    {
        var known = await KnownAsync();
        var versions = new List<long>(_command.Edits.Count);
        for (var position = 0; position < _command.Edits.Count; position++)
        {
            var edit = _command.Edits[position];
            var before = known.GetValueOrDefault(edit.Id);
            if (edit.Version != (before?.Version ?? 0))
            {
                throw new JobConflictException(edit.Id, before);
            }

            var version =
                1
                + (
                    before is null && _command.Undoes is not null
                        ? await LastVersionAsync(edit.Id)
                        : before?.Version ?? 0
                );
            Write(position, edit, before, version);
            versions.Add(edit.Body is null ? 0 : version);
            if (edit.Body is null)
            {
                known.Remove(edit.Id);
            }
            else
            {
                known[edit.Id] = new(edit.Id, edit.Kind, edit.Body, version);
            }
        }

        return versions;
    }

    private void Write(int position, JobEdit edit, JobPartRow? before, long version)
    {
        var id = edit.Id.ToString();
        if (edit.Body is null)
        {
            Execute(_delete, id);
        }
        else
        {
            Execute(_put, id, edit.Kind, edit.Body, version);
        }

        Execute(_change, position, id, edit.Kind, before?.Body, before?.Version ?? 0, edit.Body is null ? 0 : version);
    }

    private async Task<Dictionary<Guid, JobPartRow>> KnownAsync()
    {
        var parts = new Dictionary<Guid, JobPartRow>();
        var job = _command.Job;
        if (_command.Edits.Count >= Many)
        {
            foreach (
                var row in await _connection.QueryAsync<JobPartRow>(
                    "SELECT id, kind, body, version FROM job_part WHERE job = @job",
                    new { job },
                    _transaction
                )
            )
            {
                parts[row.Id] = row;
            }

            return parts;
        }

        foreach (var edit in _command.Edits.DistinctBy(e => e.Id))
        {
            if (
                await _connection.QuerySingleOrDefaultAsync<JobPartRow>(
                    "SELECT id, kind, body, version FROM job_part WHERE job = @job AND id = @id",
                    new { job, id = edit.Id },
                    _transaction
                ) is
                { } row
            )
            {
                parts[edit.Id] = row;
            }
        }

        return parts;
    }

    /// <summary>
    /// What was taken out goes on counting where it is put back, so that whoever saw it before is told.
    /// </summary>
    private Task<long> LastVersionAsync(Guid part) =>
        _connection.ExecuteScalarAsync<long>(
            "SELECT coalesce(max(version_before), 0) FROM job_change WHERE part = @id",
            new { id = part },
            _transaction
        );

    private SqliteCommand Prepare(string sql, params ReadOnlySpan<string> parameters)
    {
        var command = _connection.CreateCommand();
        command.Transaction = _transaction;
        command.CommandText = sql;
        foreach (var name in parameters)
        {
            command.Parameters.Add(new SqliteParameter { ParameterName = name });
        }

        return command;
    }

    private static void Execute(SqliteCommand command, params ReadOnlySpan<object?> values)
    {
        for (var i = 0; i < values.Length; i++)
        {
            command.Parameters[i].Value = values[i] ?? DBNull.Value;
        }

        command.ExecuteNonQuery();
    }

    public void Dispose()
    {
        _put.Dispose();
        _delete.Dispose();
        _change.Dispose();
    }
}
