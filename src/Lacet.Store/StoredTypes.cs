using System.Data;
using System.Globalization;
using Dapper;

namespace Lacet.Store;

/// <summary>How what SQLite has no type for is stored: ids, days and moments as text.</summary>
internal static class StoredTypes
{
    /// <summary>Tells Dapper, once.</summary>
    internal static void Register()
    {
        Add(new IdHandler());
        Add(new MomentHandler());
        Add(new DayHandler());
    }

    private static void Add<T>(SqlMapper.TypeHandler<T> handler)
        where T : struct
    {
        // Its own way with these types goes before any handler.
        SqlMapper.RemoveTypeMap(typeof(T));
        SqlMapper.RemoveTypeMap(typeof(T?));
        SqlMapper.AddTypeHandler(handler);
    }

    private sealed class IdHandler : SqlMapper.TypeHandler<Guid>
    {
        public override void SetValue(IDbDataParameter parameter, Guid value) => parameter.Value = value.ToString();

        public override Guid Parse(object value) => Guid.Parse((string)value);
    }

    /// <summary>With its zone, to the last tick, so that text sorts as time does.</summary>
    private sealed class MomentHandler : SqlMapper.TypeHandler<DateTimeOffset>
    {
        public override void SetValue(IDbDataParameter parameter, DateTimeOffset value) =>
            parameter.Value = value.ToString("O", CultureInfo.InvariantCulture);

        public override DateTimeOffset Parse(object value) =>
            DateTimeOffset.Parse((string)value, CultureInfo.InvariantCulture);
    }

    private sealed class DayHandler : SqlMapper.TypeHandler<DateOnly>
    {
        public override void SetValue(IDbDataParameter parameter, DateOnly value) =>
            parameter.Value = value.ToString("O", CultureInfo.InvariantCulture);

        public override DateOnly Parse(object value) =>
            DateOnly.ParseExact((string)value, "O", CultureInfo.InvariantCulture);
    }
}
