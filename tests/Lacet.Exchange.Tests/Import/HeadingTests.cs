using Lacet.Exchange.Import;

namespace Lacet.Exchange.Tests.Import;

/// <summary>Which row names the columns, and what each holds.</summary>
public sealed class HeadingTests
{
    [Theory]
    [InlineData("Wire No.", ColumnMeaning.Wire, true)]
    [InlineData("wire #", ColumnMeaning.Wire, true)]
    [InlineData("FROM", ColumnMeaning.From, true)]
    [InlineData("Destination", ColumnMeaning.To, true)]
    [InlineData("Gauge", ColumnMeaning.Awg, true)]
    [InlineData("Size (mm²)", ColumnMeaning.Mm2, true)]
    [InlineData("mm²", ColumnMeaning.Mm2, true)]
    [InlineData("Color", ColumnMeaning.Colour, true)]
    [InlineData("Colur", ColumnMeaning.Colour, false)]
    [InlineData("Lengh (ft)", ColumnMeaning.LengthFt, false)]
    [InlineData("Length [m]", ColumnMeaning.LengthM, true)]
    [InlineData("Circiut", ColumnMeaning.Circuit, false)]
    [InlineData("Breaker (A)", ColumnMeaning.Breaker, true)]
    [InlineData("Fonction", ColumnMeaning.Function, true)] // French
    [InlineData("Funktin", ColumnMeaning.Function, false)]
    [InlineData("Querschnitt [mm²]", ColumnMeaning.Mm2, true)]
    [InlineData("Länge (m)", ColumnMeaning.LengthM, true)]
    [InlineData("Von Klemme", ColumnMeaning.From, true)]
    [InlineData("Couleur du fil", ColumnMeaning.Colour, true)]
    [InlineData("Sección (mm2)", ColumnMeaning.Mm2, true)]
    [InlineData("Destinazione", ColumnMeaning.To, true)]
    [InlineData("Draadnummer", ColumnMeaning.Wire, true)]
    [InlineData("Observações", ColumnMeaning.Remark, true)]
    [InlineData("Conduit", ColumnMeaning.Run, true)]
    [InlineData("Weather", ColumnMeaning.Note, true)]
    [InlineData("", ColumnMeaning.Note, true)]
    public void A_heading_is_known_or_looks_like_one(string heading, ColumnMeaning meaning, bool sure)
    {
        var column = Assert.Single(Read(heading));
        Assert.Equal((meaning, sure), (column.Meaning, column.Sure));
    }

    [Fact]
    public void A_meaning_is_given_to_the_heading_that_fits_it_best() =>
        Assert.Equal([ColumnMeaning.Note, ColumnMeaning.From], Read("Fom", "From").Select(c => c.Meaning));

    [Theory]
    [InlineData("from panel", ColumnMeaning.FromEnclosure)]
    [InlineData("To Terminal Type", ColumnMeaning.ToLanding)]
    [InlineData("OCPD", ColumnMeaning.Breaker)]
    [InlineData("Voltage", ColumnMeaning.Volts)]
    [InlineData("Cross-section", ColumnMeaning.Size)]
    [InlineData("Ferrule", ColumnMeaning.Ferrule)]
    [InlineData("Load [A]", ColumnMeaning.Load)]
    [InlineData("  wire   NUMBER ", ColumnMeaning.Wire)]
    [InlineData("№", ColumnMeaning.Wire)]
    public void A_heading_is_known_however_it_is_set(string heading, ColumnMeaning meaning) =>
        Assert.Equal(meaning, Assert.Single(Read(heading)).Meaning);

    [Theory]
    [InlineData("colour", 1)]
    [InlineData("function", 2)]
    [InlineData("destination", 2)]
    [InlineData("breaker", 1)]
    public void A_slip_of_the_hand_is_forgiven_and_marked(string heading, int slips)
    {
        // Neighbouring letters swapped, as fingers do: counted as one slip each (Damerau–Levenshtein).
        foreach (var wrong in Swapped(heading, slips))
        {
            var column = Assert.Single(Read(wrong));
            Assert.Equal(Read(heading)[0].Meaning, column.Meaning);
            Assert.False(column.Sure, wrong);
        }
    }

    [Theory]
    [InlineData("Remarks from the site meeting that nobody will ever read again, all of them")]
    [InlineData("xx")]
    [InlineData("%%%")]
    public void What_is_no_heading_of_a_wire_list_is_a_note(string heading) =>
        Assert.Equal(ColumnMeaning.Note, Assert.Single(Read(heading)).Meaning);

    [Fact]
    public void The_row_of_headings_is_found_below_titles()
    {
        var sheet = new Sheet(
            "s",
            [
                ["Workshop"],
                ["Drawn by", "A. B."],
                [],
                ["No.", "From", "To", "Colur"],
                ["1", "X1:1", "X2:1", "black"],
            ]
        );
        var (row, columns) = SheetColumns.Find(sheet);
        Assert.Equal(3, row);
        Assert.Equal(
            [ColumnMeaning.Wire, ColumnMeaning.From, ColumnMeaning.To, ColumnMeaning.Colour],
            columns.Select(c => c.Meaning)
        );
        Assert.Equal([true, true, true, false], columns.Select(c => c.Sure));
    }

    [Fact]
    public void A_sheet_without_headings_is_read_by_its_cells()
    {
        var (row, columns) = SheetColumns.Find(
            new Sheet(
                "s",
                [
                    ["1", "X1:1", "X2:1", "2.5", "black"],
                    ["2", "X1:2", "X2:2", "1.5", "BU"],
                    ["3", "X1:3", "X2:3", "1.5", "red"],
                ]
            )
        );
        Assert.Equal(-1, row);
        Assert.Equal(
            [ColumnMeaning.Wire, ColumnMeaning.From, ColumnMeaning.To, ColumnMeaning.Size, ColumnMeaning.Colour],
            columns.Select(c => c.Meaning)
        );
    }

    [Fact]
    public void A_slip_of_the_hand_is_made_good_by_the_cells()
    {
        IReadOnlyList<string>[] rows =
        [
            .. Enumerable.Range(1, 4).Select(i => (IReadOnlyList<string>)[$"{i}", $"X1:{i}", $"X2:{i}", "red"]),
        ];
        Assert.All(
            SheetColumns
                .Find(
                    new Sheet(
                        "s",
                        [
                            ["No.", "From", "To", "Colur"],
                            .. rows,
                        ]
                    )
                )
                .Columns,
            c => Assert.True(c.Sure)
        );
    }

    [Fact]
    public void What_is_no_wire_list_is_taken_for_none()
    {
        // One column that happens to be known makes no list.
        Assert.False(
            SheetColumns
                .Find(
                    new Sheet(
                        "s",
                        [
                            ["Length", "apples", "pears"],
                            ["3 m", "yes", "many of them"],
                        ]
                    )
                )
                .IsWireList
        );
        Assert.False(
            SheetColumns
                .Find(
                    new Sheet(
                        "s",
                        [
                            ["Workshop"],
                            ["rev C"],
                        ]
                    )
                )
                .IsWireList
        );
    }

    [Fact]
    public void Headings_over_two_rows_are_one()
    {
        var (row, columns) = SheetColumns.Find(
            new Sheet(
                "s",
                [
                    ["Wire", "From", "", "To", "", "Size"],
                    ["No.", "Device", "Terminal", "Device", "Terminal", "AWG"],
                    ["1", "TB1", "1", "K1", "A1", "16"],
                    ["2", "TB1", "2", "K1", "A2", "16"],
                ]
            )
        );
        Assert.Equal(1, row);
        Assert.Equal(
            [
                ColumnMeaning.Wire,
                ColumnMeaning.FromDevice,
                ColumnMeaning.FromTerminal,
                ColumnMeaning.ToDevice,
                ColumnMeaning.ToTerminal,
                ColumnMeaning.Awg,
            ],
            columns.Select(c => c.Meaning)
        );
    }

    /// <summary>Headings alone, above nothing.</summary>
    private static IReadOnlyList<ListColumn> Read(params string[] headings) =>
        SheetColumns.At(new Sheet("s", [headings]), 0).Columns;

    private static IEnumerable<string> Swapped(string word, int slips)
    {
        for (var at = 0; at + (slips * 2) <= word.Length; at += 2)
        {
            var letters = word.ToCharArray();
            for (var slip = 0; slip < slips; slip++)
            {
                var i = at + (slip * 2);
                (letters[i], letters[i + 1]) = (letters[i + 1], letters[i]);
            }

            if (new string(letters) is var wrong && wrong != word)
            {
                yield return wrong;
            }
        }
    }
}
