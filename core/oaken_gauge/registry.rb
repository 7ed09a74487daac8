# frozen_string_literal: true

module OakenGauge
  # Finds what a catalogue holds: one class a file, each a kind of what the catalogue is of. A new file is found by itself.
  #
  # @example
  #   Registry.of(Practice::Drill)          # => [Practice::FinishedOrCut, …]
  #   Registry.by_kind(Tools::Tool).keys    # => ["corner_trimmer", "die", …]
  module Registry
    class << self
      # @param parent [Class] what all of them are; their files lie in the folder that its own lies in
      # @return [Array<Class>] in the order of their names
      def of(parent)
        room = parent.name.rpartition("::").first
        LOADER.eager_load_namespace(Object.const_get(room))
        descendants(parent).select { |one| one.name&.start_with?("#{room}::") }.sort_by(&:name)
      end

      # @param parent [Class]
      # @return [Hash{String => Class}] by what each is called in documents
      def by_kind(parent)
        of(parent).to_h { |one| [one.kind.to_s, one] }.sort.to_h
      end

      private

      def descendants(parent)
        parent.subclasses.flat_map { |one| [one, *descendants(one)] }
      end
    end
  end
end
