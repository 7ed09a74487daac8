# frozen_string_literal: true

module OakenGauge
  module Answers
    # What a form is told: the fields of each kind of unit, tool and fabric.
    module FormShapes
      extend Shapes
      include Shapes

      # A field of a form, see {Documents::Forms}.
      FIELD = { "type" => "object", "required" => %w[name label required type],
                "properties" => { "name" => TEXT, "label" => TEXT, "meaning" => TEXT, "required" => YES, "finished" => YES,
                                  "default" => {}, "type" => TEXT, "least" => {}, "most" => {}, "names" => list(TEXT), "key" => TEXT,
                                  "options" => list(object(value: {}, label: TEXT)), "of" => { "$ref" => "#/$defs/FieldWithin" },
                                  "fields" => list({ "$ref" => "#/$defs/Field" }) } }.freeze
      # What a list or a mapping is of: a field without a name of its own.
      FIELD_WITHIN = { **FIELD, "required" => %w[type] }.freeze
      KIND = object(kind: TEXT, title: TEXT, fields: list({ "$ref" => "#/$defs/Field" })).freeze
      TOOL_KIND = object(kind: TEXT, title: TEXT, fields: list({ "$ref" => "#/$defs/Field" }),
                         group: said(TEXT, "What tools of the kind are for")).freeze
      UNIT_KIND = object(kind: TEXT, title: TEXT, roles: list(TEXT), sized_by: one_of("number", "outline", "grain"),
                         starter: { "$ref" => "#/$defs/UnitDocument" },
                         fields: list({ "$ref" => "#/$defs/Field" }), drawing: { "$ref" => "#/$defs/UnitDrawing" }).freeze

      NAMED = { "Field" => FIELD, "FieldWithin" => FIELD_WITHIN, "Kind" => KIND, "ToolKind" => TOOL_KIND, "UnitKind" => UNIT_KIND }.freeze
    end
  end
end
