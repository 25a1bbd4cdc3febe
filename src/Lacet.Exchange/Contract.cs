using System.Text.Json.Serialization.Metadata;
using Lacet.Core.Quantities;

namespace Lacet.Exchange;

/// <summary>
/// How a record of Core is written: its own members under the names that JSON has for them, quantities as numbers with
/// their unit in the name, and nothing that is only computed.
/// </summary>
internal sealed class Contract
{
    private readonly JsonTypeInfo _type;

    /// <summary>Begins with what the record has: all that can be given; what its constructor asks for is required.</summary>
    internal Contract(JsonTypeInfo type)
    {
        _type = type;
        foreach (var computed in type.Properties.Where(p => p.Set is null && p.AssociatedParameter is null).ToList())
        {
            type.Properties.Remove(computed);
        }

        foreach (var property in type.Properties.ToList())
        {
            if (property.PropertyType == typeof(Length?))
            {
                Written<Length?, double?>(
                    property.Name,
                    property.Name + "Mm",
                    length => length?.Millimetres,
                    mm => mm is { } given ? new Length(given) : null
                );
            }
        }
    }

    /// <summary>Members that are left out where nobody said anything of them.</summary>
    internal Contract LeftOut(params ReadOnlySpan<string> names)
    {
        foreach (var name in names)
        {
            var property = Find(name);
            var usual = property.PropertyType.IsValueType ? Activator.CreateInstance(property.PropertyType) : null;
            property.ShouldSerialize = (_, value) => !Equals(value, usual);
        }

        return this;
    }

    /// <summary>Members that may be null in JSON, which is as if they were left out.</summary>
    internal Contract NullIsUsual(params ReadOnlySpan<string> names)
    {
        foreach (var name in names)
        {
            var property = Find(name);
            var set = property.Set!;
            if (property.PropertyType.IsValueType)
            {
                property = Replace(name, name, typeof(Nullable<>).MakeGenericType(property.PropertyType));
            }
            else
            {
                property.IsSetNullable = true;
            }

            property.Set = (of, value) =>
            {
                if (value is not null)
                {
                    set(of, value);
                }
            };
        }

        return this;
    }

    /// <summary>The same for every member.</summary>
    internal void NullIsUsual() => NullIsUsual([.. _type.Properties.Select(p => p.Name)]);

    /// <summary>A member that is written as something else, under a name of its own.</summary>
    internal Contract Written<T, TWritten>(
        string name,
        string writtenName,
        Func<T, TWritten> write,
        Func<TWritten, T> read
    )
    {
        var (get, set) = (Find(name).Get!, Find(name).Set!);
        var written = Replace(name, writtenName, typeof(TWritten));
        written.Get = of => write((T)get(of)!);
        written.Set = (of, value) => set(of, read((TWritten)value!));
        return this;
    }

    /// <summary>A member under another name.</summary>
    internal Contract Named(string name, string writtenName)
    {
        Find(name).Name = writtenName;
        return this;
    }

    /// <summary>A member that has no place of its own; what reads and writes it.</summary>
    internal (Func<object, object?> Get, Action<object, object?> Set) Take(string name)
    {
        var property = Find(name);
        _type.Properties.Remove(property);
        return (property.Get!, property.Set!);
    }

    /// <summary>The member of a name.</summary>
    internal JsonPropertyInfo Find(string name) =>
        _type.Properties.Single(p => string.Equals(p.Name, name, StringComparison.Ordinal));

    /// <summary>Puts members that are named first, in this order, and members that are named last, the rest between.</summary>
    internal void InOrder(ReadOnlySpan<string> first, params ReadOnlySpan<string> last)
    {
        for (var i = 0; i < first.Length; i++)
        {
            Find(first[i]).Order = i - first.Length;
        }

        for (var i = 0; i < last.Length; i++)
        {
            Find(last[i]).Order = 1 + i;
        }
    }

    private JsonPropertyInfo Replace(string name, string writtenName, Type type)
    {
        var old = Find(name);
        var written = _type.CreateJsonPropertyInfo(type, writtenName);
        (written.Get, written.Set, written.IsRequired, written.Order) = (old.Get, old.Set, old.IsRequired, old.Order);
        // What the interface's document says of it: its comment, and whether it may be null.
        written.AttributeProvider = old.AttributeProvider;
        if (!type.IsValueType)
        {
            written.IsGetNullable = written.IsSetNullable = old.IsSetNullable;
        }

        _type.Properties[_type.Properties.IndexOf(old)] = written;
        return written;
    }
}
